import { useTranslation } from 'react-i18next';
import type { CircuitDrawing, PlacedDevice, Wire } from '#core/circuit/drawing/circuitDrawing';
import { markEnd, markLines, namesOf, portLine } from '#core/circuit/drawing/drawnParts';
import type { Mark } from '#core/circuit/drawing/layoutGraph';

interface CircuitSvgProps {
  readonly drawing: CircuitDrawing;
  readonly zoom: number;
  /** The net that is pointed at. */
  readonly chosen: string | undefined;
  readonly choose: (net: string) => void;
  /** The parts that are pointed at. */
  readonly places: ReadonlySet<string> | undefined;
  readonly choosePart: (place: string) => void;
}

const margin = 12;

/** Draws what core/circuit/drawing has placed; it adds nothing. */
export function CircuitSvg(props: CircuitSvgProps) {
  const { drawing, zoom, chosen, choose, places, choosePart } = props;
  const { t } = useTranslation();
  const { width, height, devices, wires } = drawing;
  // As large as its frame at first, never larger than is read well.
  const size =
    zoom === 1
      ? { width: '100%', maxWidth: (width + 2 * margin) * 1.3, maxHeight: '58vh' }
      : { width: `${zoom * 100}%` };
  return (
    <svg
      viewBox={`${-margin} ${-margin} ${width + 2 * margin} ${height + 2 * margin}`}
      style={size}
      role="img"
      aria-label={t('kits.circuit.drawing', { count: devices.length })}
    >
      {wires.map((wire) => (
        <WireLines
          key={wire.net}
          wire={wire}
          isChosen={wire.net === chosen}
          choose={() => choose(wire.net)}
        />
      ))}
      {devices.map((device) => (
        <DeviceSymbol
          key={device.place}
          {...{ device, chosen, choose }}
          isChosen={places?.has(device.place) ?? false}
          choosePart={() => choosePart(device.place)}
        />
      ))}
    </svg>
  );
}

interface WireLinesProps {
  readonly wire: Wire;
  readonly isChosen: boolean;
  readonly choose: () => void;
}

function WireLines({ wire: { name, lines, dots }, isChosen, choose }: WireLinesProps) {
  const d = lines
    .map((line) => line.map(({ x, y }, at) => `${at ? 'L' : 'M'}${x} ${y}`).join(''))
    .join('');
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the table below has the same nets as buttons
    <g className={isChosen ? 'wire chosen' : 'wire'} onClick={choose}>
      <title>{name}</title>
      <path className="wire-touch" d={d} />
      <path className="wire-line" d={d} />
      {dots.map(({ x, y }) => (
        <circle key={`${x} ${y}`} cx={x} cy={y} r={2.6} className="wire-dot" />
      ))}
    </g>
  );
}

interface DeviceSymbolProps {
  readonly device: PlacedDevice;
  readonly chosen: string | undefined;
  readonly choose: (net: string) => void;
  readonly isChosen: boolean;
  readonly choosePart: () => void;
}

function DeviceSymbol({ device, chosen, choose, isChosen, choosePart }: DeviceSymbolProps) {
  const { symbol, x, y, offsetX, offsetY, marks } = device;
  const [left, top] = [x + offsetX, y + offsetY];
  return (
    <g className={isChosen ? 'symbol chosen' : 'symbol'}>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: the list of blocks has the same parts as buttons */}
      <g transform={`translate(${left} ${top})`} onClick={choosePart}>
        <title>{device.place}</title>
        <rect className="symbol-touch" width={symbol.width} height={symbol.height} />
        <path className="symbol-line" d={symbol.lines} />
        {symbol.areas && <path className="symbol-area" d={symbol.areas} />}
        {symbol.words?.map((word) => (
          <text key={`${word.x} ${word.y}`} x={word.x} y={word.y} className="symbol-pin">
            {word.text}
          </text>
        ))}
        {namesOf(device).map((name) => (
          <text
            key={String(name.isPlace)}
            x={name.x}
            y={name.y}
            textAnchor={name.anchor}
            className={name.isPlace ? 'symbol-name' : 'symbol-value'}
          >
            {name.text}
          </text>
        ))}
      </g>
      {symbol.ports.map((port) => {
        const mark = marks.find(({ pin }) => pin === port.pin);
        return mark ? (
          <MarkAt
            key={port.pin}
            mark={mark}
            at={{ x: left + port.x, y: top + port.y }}
            isChosen={mark.net === chosen}
            choose={() => choose(mark.net)}
          />
        ) : (
          <path key={port.pin} className="symbol-line" d={portLine(device, port)} />
        );
      })}
    </g>
  );
}

interface MarkAtProps {
  readonly mark: Mark;
  readonly at: { readonly x: number; readonly y: number };
  readonly isChosen: boolean;
  readonly choose: () => void;
}

/** What a pin ends in that has no line: plus, minus, or the name of its net. */
function MarkAt({ mark, at, isChosen, choose }: MarkAtProps) {
  const words = markEnd(mark, at);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the table below has the same nets as buttons
    <g className={isChosen ? 'mark chosen' : 'mark'} onClick={choose}>
      <title>{mark.name}</title>
      <path className="symbol-line" d={markLines(mark, at)} />
      {words && (
        <text className="symbol-value" x={words.x} y={words.y} textAnchor={words.anchor}>
          {mark.shown}
        </text>
      )}
    </g>
  );
}
