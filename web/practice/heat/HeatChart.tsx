import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type HeatSetup, type HeatState, solderCelsius } from '#core/joint/heat/model';

interface HeatChartProps {
  readonly setup: HeatSetup;
  readonly ms: number;
  readonly state: HeatState;
}

const width = 300;
const height = 130;
const windowMs = 12_000;
const highest = 440;
/** A point for every so many ms is as fine as the line is thick. */
const everyMs = 33;

const lines = ['tip', 'pad', 'lead', 'solder'] as const;
type Line = (typeof lines)[number];
type Point = Readonly<Record<Line, number>> & { readonly ms: number };

const yOf = (celsius: number): number => height - (height * Math.max(0, celsius)) / highest;

/** The points of the last seconds with one more, if it is time for one; none of a try that is over. */
function withPoint(points: readonly Point[], next: Point): readonly Point[] {
  const { ms } = next;
  const before = ms === 0 ? [] : points;
  if (ms - (before.at(-1)?.ms ?? -everyMs) < everyMs) return before;
  return [...before.filter((point) => point.ms >= ms - windowMs), next];
}

/** Temperatures over the last seconds, against what the solder needs. */
export function HeatChart({ setup, ms, state }: HeatChartProps) {
  const { t } = useTranslation();
  const [past, setPast] = useState<readonly Point[]>([]);
  useEffect(() => {
    const { tip, pad, lead } = state;
    const solder = state.solderGrams > 0 ? solderCelsius(setup, state) : Number.NaN;
    setPast((points) => withPoint(points, { ms, tip, pad, lead, solder }));
  }, [ms, setup, state]);
  const from = Math.max(0, ms - windowMs);
  const pathOf = (line: Line) =>
    past
      .filter((point) => !Number.isNaN(point[line]))
      .map(
        (point, index) =>
          `${index === 0 ? 'M' : 'L'}${((width * (point.ms - from)) / windowMs).toFixed(1)} ${yOf(point[line]).toFixed(1)}`,
      )
      .join('');
  const { liquidus } = setup.alloy;
  return (
    <figure className="heat-chart" aria-hidden="true">
      <svg viewBox={`0 0 ${width + 44} ${height + 4}`} aria-hidden="true">
        <rect width={width} height={height} className="heat-chart-ground" />
        {[100, 200, 300, 400].map((celsius) => (
          <g key={celsius}>
            <path d={`M0 ${yOf(celsius)}H${width}`} className="heat-chart-grid" />
            <text x={width + 4} y={yOf(celsius) + 4}>
              {celsius}
            </text>
          </g>
        ))}
        <path d={`M0 ${yOf(liquidus)}H${width}`} className="heat-chart-liquidus" />
        {lines.map((line) => (
          <path key={line} d={pathOf(line)} className={`heat-line heat-line-${line}`} />
        ))}
      </svg>
      <figcaption>
        {lines.map((line) => (
          <span key={line}>
            <svg viewBox="0 0 24 8" aria-hidden="true">
              <path d="M0 4H24" className={`heat-line heat-line-${line}`} />
            </svg>
            {t(`drill.heat.of.${line}`)}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}
