import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, useRevalidator, useRouteError } from 'react-router';
import { CallProblem } from './call.ts';

/** What a page shows when it cannot be shown: what happened and the way out. */
export function RouteProblem() {
  const error = useRouteError();
  const { revalidate } = useRevalidator();
  const problem = error instanceof CallProblem ? error.problem : undefined;
  return (
    <Box component="main" sx={{ p: 4, maxWidth: 560, display: 'grid', gap: 2 }}>
      <Typography variant="h1">
        {problem?.title ?? (error ? 'This page failed' : 'There is no such page')}
      </Typography>
      <Typography role="alert">
        {problem?.detail ??
          (error
            ? 'Something in the page went wrong. Your data is safe; reload the page.'
            : 'The address may be mistyped, or what was here has another place now.')}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1 }}>
        {problem?.status === 401 ? (
          <Button variant="contained" component={Link} to="/sign-in">
            Sign in
          </Button>
        ) : (
          <Button variant="contained" onClick={() => void revalidate()}>
            Try again
          </Button>
        )}
        <Button component={Link} to="/workshops">
          To the workshops
        </Button>
      </Box>
    </Box>
  );
}
