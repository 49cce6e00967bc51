import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import type { Grid } from '#core/board/together';
import { drawFromAbove } from '#core/parts/drawing/seated/above';
import { familyOf } from '#core/parts/families/index';
import type { Part } from '#core/parts/part';
import { partName } from '#core/words/partWords';
import { ink } from '../../app/tokens.ts';
import { DrawingSvg } from '../../ui/DrawingSvg.tsx';
import { Glyph } from '../../ui/Glyph.tsx';

// Most parts are placed one by one.
const GridOfAlike = lazy(async () => ({
  default: (await import('./GridOfAlike.tsx')).GridOfAlike,
}));

interface TrayProps {
  readonly waiting: readonly (readonly [string, Part])[];
  readonly held: string | undefined;
  readonly hold: (place: string | undefined) => void;
  /** Chips that are placed with their sockets. */
  readonly chipOf: ReadonlyMap<string, string>;
  /** Waiting parts like the one that is held. */
  readonly alike: readonly string[];
  /** All of them are placed at once, in rows and columns. */
  readonly grid: Grid | undefined;
  readonly setGrid: (grid: Grid | undefined) => void;
  /** What is on no board: in the case, at a cable. */
  readonly nowhere: readonly string[];
  readonly setNowhere: (places: readonly string[], is: boolean) => void;
  /** For those who work with keys: puts the part on the board, to be moved from there. */
  readonly putInMiddle: (place: string) => void;
}

/** Parts that have no spot on the board yet. */
export function Tray({
  waiting,
  held,
  hold,
  chipOf,
  alike,
  grid,
  setGrid,
  nowhere,
  setNowhere,
  putInMiddle,
}: TrayProps) {
  const { t } = useTranslation();
  return (
    <Box component="section" aria-labelledby="tray">
      <Typography variant="h2" id="tray" sx={{ mb: 1 }}>
        {waiting.length === 0
          ? t('kits.tray.allPartsArePlaced')
          : t('kits.tray.toPlace', { count: waiting.length })}
      </Typography>
      <Box
        component="ul"
        aria-label={t('kits.tray.toPlace2')}
        sx={{ listStyle: 'none', m: 0, p: 0, maxHeight: '66vh', overflowY: 'auto' }}
      >
        {waiting.map(([place, part]) => {
          const drawing = drawFromAbove(familyOf(part), part);
          return (
            <li key={place}>
              <Box
                component="button"
                type="button"
                aria-pressed={held === place}
                // A click by key has no pointer behind it.
                onClick={(event: React.MouseEvent) =>
                  event.detail === 0 ? putInMiddle(place) : hold(held === place ? undefined : place)
                }
                sx={itemStyle}
              >
                <DrawingSvg
                  drawing={drawing}
                  name={partName(t, part)}
                  pixelsPerMm={Math.min(3, 60 / drawing.widthMm, 34 / drawing.heightMm)}
                />
                <span>
                  <strong className="mono">
                    {[place, chipOf.get(place)].filter(Boolean).join('/')}
                  </strong>
                  <br />
                  {partName(t, part)}
                </span>
              </Box>
            </li>
          );
        })}
      </Box>
      {held !== undefined && (
        <Button size="small" color="inherit" onClick={() => setNowhere([held], true)}>
          {t('kits.tray.isOnNoBoard', { place: held })}
        </Button>
      )}
      {nowhere.length > 0 && (
        <Box sx={{ mt: 2 }}>
          <Typography variant="h3">{t('kits.tray.onNoBoard')}</Typography>
          {nowhere.map((place) => (
            <Button
              key={place}
              size="small"
              color="inherit"
              aria-label={t('kits.tray.backToPlace', { place })}
              onClick={() => setNowhere([place], false)}
            >
              {place} <Glyph name="cross" />
            </Button>
          ))}
        </Box>
      )}
      {/* Below the list, so that nothing moves when it comes. */}
      {held !== undefined && alike.length > 1 && (
        <Suspense>
          <GridOfAlike count={alike.length} grid={grid} setGrid={setGrid} />
        </Suspense>
      )}
    </Box>
  );
}

const itemStyle = {
  display: 'grid',
  gridTemplateColumns: '64px 1fr',
  gap: 1,
  alignItems: 'center',
  width: '100%',
  minHeight: 48,
  font: 'inherit',
  fontSize: '0.9rem',
  lineHeight: 1.25,
  color: 'inherit',
  textAlign: 'left',
  background: 'none',
  border: `1px solid ${ink('line')}`,
  mb: '4px',
  cursor: 'pointer',
  '&[aria-pressed="true"]': { background: ink('copperSoft'), borderColor: ink('copper') },
};
