import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { allowOwnPage, type Person } from '#contract/people';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';

/** Whether the learner's link is a page of their own. */
export function OwnPage({ person: { id, keepsPage } }: { readonly person: Person }) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { run, saving, refusal } = useSave();
  const allow = (allowed: boolean) =>
    void run(async () => {
      await call(allowOwnPage, { params: { learnerId: id }, body: { keepsPage: allowed } });
      await revalidate();
    });
  return (
    <Box sx={{ mb: 2 }}>
      <FormControlLabel
        control={
          <Checkbox
            checked={keepsPage}
            disabled={saving}
            onChange={({ target }) => allow(target.checked)}
          />
        }
        label={t('people.personPage.mayKeepAPageOfTheir')}
      />
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
    </Box>
  );
}
