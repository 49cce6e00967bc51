import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { Trans, useTranslation } from 'react-i18next';
import type { LayoutProblem } from '#core/board/layout';
import { ink } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import '../parts.css';

const words: Readonly<Record<LayoutProblem['kind'], (places: readonly string[]) => string>> = {
  'not-placed': (places) =>
    t('kits.problemLines.notPlaced', { count: places.length, places: places.join(', ') }),
  outside: ([place]) => t('kits.problemLines.liesOverTheEdgeOfThe', { place }),
  'pads-touch': ([a, b]) => t('kits.problemLines.padsOfAndTouch', { a, b }),
  'bodies-overlap': ([a, b]) => t('kits.problemLines.andLieOnOneAnother', { a, b }),
  'beside-hole': ([place]) => t('kits.problemLines.doesNotReachTheHolesMove', { place }),
};

interface ProblemLinesProps {
  readonly problems: readonly LayoutProblem[];
  readonly choose: (places: readonly string[]) => void;
}

/** What is wrong with the layout as it stands. */
export function ProblemLines({ problems, choose }: ProblemLinesProps) {
  const { t } = useTranslation();
  if (problems.length === 0) {
    return (
      <Typography
        role="status"
        aria-label={t('kits.problemLines.layout')}
        sx={{ color: ink('board'), fontWeight: 650 }}
      >
        <Trans
          i18nKey="kits.problemLines.theLayoutIsCompleteEveryPart"
          components={{ glyph: <Glyph name="tick" /> }}
        />
      </Typography>
    );
  }
  return (
    <Box role="status" aria-label={t('kits.problemLines.layout')}>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {problems.slice(0, 8).map(({ kind, places }) => (
          <li key={kind + places.join()}>
            <Glyph name="flag" /> {words[kind](places)}{' '}
            {kind !== 'not-placed' && (
              <button type="button" className="text-link" onClick={() => choose(places)}>
                {t('kits.problemLines.show')}
              </button>
            )}
          </li>
        ))}
      </Box>
    </Box>
  );
}
