import Alert from '@mui/material/Alert';
import AlertTitle from '@mui/material/AlertTitle';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { CellProblem } from '#core/partslist/problem';
import { saying, written } from '#core/words/sayings';

interface ProblemListProps {
  readonly problems: readonly CellProblem[];
  /** Opens a row, by its line in the file, to put it right here; left out where only the file can be. */
  readonly correct?: (line: number) => void;
}

/** What is wrong with the list, by row and column, and what to write instead. */
export function ProblemList({ problems, correct }: ProblemListProps) {
  const { t } = useTranslation();
  return (['error', 'warning'] as const).map((severity) => {
    const found = problems.filter((problem) => problem.severity === severity);
    if (found.length === 0) return null;
    return (
      <Alert key={severity} severity={severity}>
        <AlertTitle>{t(`lists.problemList.${severity}`, { count: found.length })}</AlertTitle>
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {found.map(({ line, column, message }) => (
            <li key={`${line}${saying(t, message)}`}>
              <strong>
                {line === null
                  ? t('lists.problemList.column', { column: written(t, column) })
                  : t('lists.problemList.row', { line, column: written(t, column) })}
              </strong>{' '}
              {saying(t, message)}
              {line !== null && correct && (
                <Button size="small" color="inherit" onClick={() => correct(line)} sx={inText}>
                  {t('lists.problemList.correctRow', { line })}
                </Button>
              )}
            </li>
          ))}
        </Box>
      </Alert>
    );
  });
}

const inText = { ml: 1, py: 0, textDecoration: 'underline' };
