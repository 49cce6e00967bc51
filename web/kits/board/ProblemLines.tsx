import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { LayoutProblem } from '#core/board/layout';
import { ink } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import '../parts.css';

const words: Readonly<Record<LayoutProblem['kind'], (places: readonly string[]) => string>> = {
  'not-placed': (places) =>
    `${places.join(', ')} ${places.length === 1 ? 'has' : 'have'} no spot yet.`,
  outside: ([place]) => `${place} lies over the edge of the board.`,
  'pads-touch': ([a, b]) => `Pads of ${a} and ${b} touch.`,
  'bodies-overlap': ([a, b]) => `${a} and ${b} lie on one another.`,
  'beside-hole': ([place]) =>
    `${place} does not reach the holes; move it, or change the distance of its leads.`,
};

interface ProblemLinesProps {
  readonly problems: readonly LayoutProblem[];
  readonly choose: (places: readonly string[]) => void;
}

/** What is wrong with the layout as it stands. */
export function ProblemLines({ problems, choose }: ProblemLinesProps) {
  if (problems.length === 0) {
    return (
      <Typography role="status" aria-label="Layout" sx={{ color: ink('board'), fontWeight: 650 }}>
        <Glyph name="tick" /> The layout is complete: every part has its spot and none is in the
        way.
      </Typography>
    );
  }
  return (
    <Box role="status" aria-label="Layout">
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {problems.slice(0, 8).map(({ kind, places }) => (
          <li key={kind + places.join()}>
            <Glyph name="flag" /> {words[kind](places)}{' '}
            {kind !== 'not-placed' && (
              <button type="button" className="text-link" onClick={() => choose(places)}>
                Show
              </button>
            )}
          </li>
        ))}
      </Box>
    </Box>
  );
}
