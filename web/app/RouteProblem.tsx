import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { Link, useRevalidator, useRouteError } from 'react-router';
import { CallProblem } from './call.ts';

/** What a page shows when it cannot be shown: what happened and the way out. */
export function RouteProblem() {
  const { t } = useTranslation();
  const error = useRouteError();
  const { revalidate } = useRevalidator();
  const problem = error instanceof CallProblem ? error.problem : undefined;
  return (
    <Box component="main" sx={{ p: 4, maxWidth: 560, display: 'grid', gap: 2 }}>
      <Typography variant="h1">
        {problem?.title ??
          (error ? t('app.routeProblem.thisPageFailed') : t('app.routeProblem.thereIsNoSuchPage'))}
      </Typography>
      <Typography role="alert">
        {problem?.detail ??
          (error
            ? t('app.routeProblem.somethingInThePageWentWrong')
            : t('app.routeProblem.theAddressMayBeMistypedOr'))}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1 }}>
        {problem?.status === 401 ? (
          <Button variant="contained" component={Link} to="/sign-in">
            {t('app.routeProblem.signIn')}
          </Button>
        ) : (
          <Button variant="contained" onClick={() => void revalidate()}>
            {t('app.routeProblem.tryAgain')}
          </Button>
        )}
        <Button component={Link} to="/workshops">
          {t('app.routeProblem.toTheWorkshops')}
        </Button>
      </Box>
    </Box>
  );
}
