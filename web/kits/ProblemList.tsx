import Alert from '@mui/material/Alert';
import AlertTitle from '@mui/material/AlertTitle';
import Box from '@mui/material/Box';
import type { CellProblem } from '#core/partslist/problem';

const titles = {
  error: (count: number) =>
    `${count === 1 ? 'One thing' : `${count} things`} to put right in the file`,
  warning: (count: number) => `${count === 1 ? 'One line' : `${count} lines`} to look at`,
};

/** What is wrong with the list, by row and column, and what to write instead. */
export function ProblemList({ problems }: { readonly problems: readonly CellProblem[] }) {
  return (['error', 'warning'] as const).map((severity) => {
    const found = problems.filter((problem) => problem.severity === severity);
    if (found.length === 0) return null;
    return (
      <Alert key={severity} severity={severity}>
        <AlertTitle>{titles[severity](found.length)}</AlertTitle>
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {found.map(({ line, column, message }) => (
            <li key={`${line}${column}${message}`}>
              <strong>
                {line === null ? '' : `Row ${line}, `}
                {column}:
              </strong>{' '}
              {message}
            </li>
          ))}
        </Box>
      </Alert>
    );
  });
}
