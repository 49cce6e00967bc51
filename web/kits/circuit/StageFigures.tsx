import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import type { Circuit } from '#core/circuit/circuit';
import type { StageFigures as Figures, NetFigures, Seen } from '#core/circuit/figures';
import { howWarm } from '#core/circuit/heat';
import { modelOf } from '#core/circuit/models/index';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { amountText, pinText, rangeText } from '#core/words/figureWords';
import { type Column, DataTable } from '../../ui/DataTable.tsx';

interface StageFiguresProps {
  readonly circuit: Circuit;
  readonly parts: ReadonlyMap<string, Part>;
  readonly figures: Figures;
  readonly places: ReadonlySet<string>;
  /** Shows where a net is. */
  readonly point: (net: string) => void;
}

/** What good boards show that are built as far as this. */
export function StageFigures({ circuit, parts, figures, places, point }: StageFiguresProps) {
  const { t } = useTranslation();
  const { unknown, nets } = figures;
  return (
    <>
      {unknown.length > 0 && (
        <p>
          <strong>
            {t('kits.circuit.unknownParts', {
              count: unknown.length,
              places: shortDesignators(unknown),
            })}
          </strong>{' '}
          {t('kits.circuit.unknownMeans')}
        </p>
      )}
      {figures.tooFast && <p>{t('kits.circuit.tooFast')}</p>}
      <dl className="circuit-figures">
        {summaryOf(t, figures).map(({ name, says }) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{says}</dd>
          </div>
        ))}
      </dl>
      <Assumed circuit={circuit} places={places} />
      <Typography variant="h2" component="h3">
        {t('kits.circuit.voltages')}
      </Typography>
      <p>{t('kits.circuit.voltagesAbout')}</p>
      <DataTable
        name={t('kits.circuit.voltages')}
        columns={columnsOf(t, circuit, parts, places, point)}
        rows={nets}
        keyOf={({ net }) => net}
      />
      <p>{t('kits.circuit.madeUp', { count: figures.boards, solved: figures.solved })}</p>
    </>
  );
}

interface AssumedProps {
  readonly circuit: Circuit;
  readonly places: ReadonlySet<string>;
}

/** What nobody knows of the fitted parts, and what was taken in its stead. */
function Assumed({ circuit, places }: AssumedProps) {
  const { t } = useTranslation();
  const assumed = circuit.devices.flatMap((device) => {
    const { place, part, netAt } = device;
    const found = modelOf(device)?.assumes?.(part);
    return found && places.has(place) && Object.keys(netAt).length > 0 ? [{ place, found }] : [];
  });
  if (assumed.length === 0) return null;
  return (
    <ul className="circuit-assumed">
      {assumed.map(({ place, found }) => (
        <li key={place}>
          <strong>{place}</strong> {t(`kits.circuit.assumed.${found}`)}
        </li>
      ))}
    </ul>
  );
}

/** What is told of a whole board, each with its name. */
export function summaryOf(t: TFunction, figures: Figures) {
  const { ohm, milliampere, limitMilliampere, seen, warm } = figures;
  return [
    ...(ohm
      ? [
          {
            name: t('kits.circuit.ohm'),
            says: [
              rangeText(t, ohm.redAtPlus, 'Ω'),
              ohm.settlesSeconds >= 0.5
                ? t('kits.circuit.settles', { count: Math.ceil(ohm.settlesSeconds) })
                : '',
              t('kits.circuit.turned', { range: rangeText(t, ohm.redAtMinus, 'Ω') }),
            ]
              .filter(Boolean)
              .join(' · '),
          },
        ]
      : []),
    ...(milliampere
      ? [{ name: t('kits.circuit.current'), says: rangeText(t, milliampere, 'mA') }]
      : []),
    ...(limitMilliampere === null
      ? []
      : [{ name: t('kits.circuit.limit'), says: `${limitMilliampere} mA` }]),
    ...seen.map((one) => ({ name: one.place, says: seenText(t, one) })),
    ...warm.map(({ place, celsius }) => ({
      name: place,
      says: t(`kits.circuit.${howWarm(celsius.most)}`, { range: rangeText(t, celsius, '°C') }),
    })),
  ];
}

function seenText(t: TFunction, { sense, looks, milliampere, hertz, unsure }: Seen): string {
  if (unsure) return t('kits.circuit.unsure');
  const how = t(`kits.circuit.looks.${sense}.${looks}`, {
    hertz: hertz ? rangeText(t, hertz, 'Hz') : '',
  });
  return looks === 'off' ? how : `${how}, ${rangeText(t, milliampere, 'mA')}`;
}

/** What a meter shows at a net. */
export function shownText(t: TFunction, { volt, swings, unsure }: NetFigures): string {
  if (unsure) return t('kits.circuit.unsure');
  if (!swings) return rangeText(t, volt, 'V');
  return t('kits.circuit.swings', {
    low: amountText(t, swings.lowVolt.usual, 'V'),
    high: amountText(t, swings.highVolt.usual, 'V'),
    hertz: rangeText(t, swings.hertz, 'Hz'),
  });
}

function columnsOf(
  t: TFunction,
  circuit: Circuit,
  parts: ReadonlyMap<string, Part>,
  places: ReadonlySet<string>,
  point: (net: string) => void,
): readonly Column<NetFigures>[] {
  const netOf = (id: string) => circuit.nets.find((net) => net.id === id);
  const pinsOf = (id: string) =>
    (netOf(id)?.pins ?? []).filter((pin) => places.has(pin.slice(0, pin.lastIndexOf('.'))));
  const shown = 3;
  return [
    {
      id: 'net',
      head: t('kits.circuit.net'),
      isName: true,
      by: ({ net }) => netOf(net)?.name ?? '',
      cell: ({ net }) => (
        <button type="button" className="circuit-net" onClick={() => point(net)}>
          {netOf(net)?.name}
        </button>
      ),
    },
    {
      id: 'probe',
      head: t('kits.circuit.redProbe'),
      cell: ({ net }) => {
        const pins = pinsOf(net);
        const more = pins.length - shown;
        const list = pins.slice(0, shown).map((pin) => pinText(t, pin, parts));
        return more > 0
          ? t('kits.circuit.andMore', { list: list.join(' · '), count: more })
          : list.join(' · ');
      },
    },
    {
      id: 'volt',
      head: t('kits.circuit.shows'),
      by: ({ volt }) => volt.usual,
      cell: (shown) => shownText(t, shown),
    },
    {
      id: 'moved',
      head: t('kits.circuit.movedBy'),
      cell: ({ movedBy }) =>
        movedBy === undefined ? '' : movedBy === '' ? t('kits.circuit.theSupply') : movedBy,
    },
  ];
}
