import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { middleOf, type Panel, panelProblems } from '#core/housing/panel';
import './panels.css';

/** What should be looked at before anybody drills; nothing where all is well. */
export function PanelWarnings({ panel }: { readonly panel: Panel }) {
  const { t } = useTranslation();
  return panelProblems(panel).map((problem) => (
    <Typography
      key={`${problem.kind} ${problem.hole} ${'other' in problem ? problem.other : ''}`}
      color="error"
    >
      {t(`kits.panels.problem.${problem.kind}`, { ...problem })}
    </Typography>
  ));
}

/** A panel from outside, with its holes and their numbers. */
export function PanelPicture({ panel }: { readonly panel: Panel }) {
  const { t } = useTranslation();
  const { widthMm, heightMm, holes, name } = panel;
  const edge = Math.max(widthMm, heightMm) / 40;
  return (
    <svg
      className="panel-picture"
      viewBox={`${-edge} ${-edge} ${widthMm + 2 * edge} ${heightMm + 2 * edge}`}
      role="img"
      aria-label={t('kits.panels.pictureOf', { name, count: holes.length })}
    >
      <rect className="panel-sheet" width={widthMm} height={heightMm} rx={edge / 2} />
      {holes.map((hole, index) => {
        const { x, y } = middleOf(panel, hole);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: holes have no name; their number is what they are called by
          <g key={index}>
            <circle className="panel-hole" cx={x} cy={y} r={hole.diameterMm / 2} />
            <text
              className="panel-number"
              x={x + hole.diameterMm / 2 + edge / 2}
              y={y - edge / 2}
              fontSize={2.4 * edge}
            >
              {index + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
