import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useLoaderData, useRevalidator } from 'react-router';
import { getRetention, type Retention, setRetention, tryRetention } from '#contract/people';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { PageHead } from '../ui/PageHead.tsx';

export const loadRetention = () => call(getRetention, {});

const choices = [null, 6, 12, 24, 36, 60] as const;
const choiceWords = (months: number | null) => {
  if (months === null) return 'until somebody erases them';
  if (months % 12 !== 0) return `${months} months`;
  return months === 12 ? '1 year' : `${months / 12} years`;
};

/** How long records of people are kept. */
export function RetentionPage() {
  const set = useLoaderData<Retention>();
  const [asked, setAsked] = useState<Retention>(set);
  const { run, refusal, saving } = useSave();
  const { revalidate } = useRevalidator();
  const choose = (months: number | null) =>
    void run(async () => setAsked(await call(tryRetention, { body: { months } })));
  const save = () =>
    void run(async () => {
      setAsked(await call(setRetention, { body: { months: asked.months } }));
      await revalidate();
    });
  const known: readonly (number | null)[] = choices;
  const listed = known.includes(set.months) ? known : [...known, set.months];
  const { due } = asked;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <PageHead
        title="How long names are kept"
        facts="Steps and mistakes stay in the counts of kits and workshops, without a name."
      />
      <Typography sx={{ mb: 1.5 }}>
        One person is erased on their page under <Link to="/people">People</Link>. Whoever keeps a
        page of their own is never erased by time. The rules of your school or country come first.
      </Typography>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <TextField
          select
          label="Keep names after the last evening"
          value={asked.months ?? 'for ever'}
          onChange={({ target }) =>
            choose(target.value === 'for ever' ? null : Number(target.value))
          }
          sx={{ minWidth: 320 }}
        >
          {listed.map((months) => (
            <MenuItem key={months} value={months ?? 'for ever'}>
              {choiceWords(months)}
            </MenuItem>
          ))}
        </TextField>
        <Button
          variant="contained"
          disabled={asked.months === set.months}
          loading={saving}
          onClick={save}
          sx={{ minHeight: 54 }}
        >
          {due.length > 0 ? `Save, and erase ${due.length} now` : 'Save'}
        </Button>
      </Box>
      {due.length > 0 && (
        <Alert severity="warning" sx={{ mt: 2 }}>
          This would erase at once, and cannot be undone: {due.join(', ')}.
        </Alert>
      )}
      {refusal && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {refusal.message}
        </Alert>
      )}
      <Typography sx={{ mt: 2 }}>
        Older backups still hold the names: the daily ones for a week, those that you saved for as
        long as you keep them.
      </Typography>
    </Box>
  );
}
