import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link, useLoaderData, useRevalidator } from 'react-router';
import { getRetention, type Retention, setRetention, tryRetention } from '#contract/people';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/form.css';

export const loadRetention = () => call(getRetention, {});

const choices = [null, 6, 12, 24, 36, 60] as const;
const choiceWords = (months: number | null) => {
  if (months === null) return t('site.retentionPage.untilSomebodyErasesThem');
  if (months % 12 !== 0) return t('site.retentionPage.months', { months });
  return months === 12
    ? t('site.retentionPage.n1Year')
    : t('site.retentionPage.years', { months: months / 12 });
};

/** How long records of people are kept. */
export function RetentionPage() {
  const { t } = useTranslation();
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
        title={t('site.retentionPage.howLongNamesAreKept')}
        facts={t('site.retentionPage.stepsAndMistakesStayInThe')}
      />
      <Typography sx={{ mb: 1.5 }}>
        <Trans
          i18nKey="site.retentionPage.onePersonIsErasedOnTheir"
          components={{ to: <Link to="/people" /> }}
        />
      </Typography>
      <Box className="form-row">
        <TextField
          select
          label={t('site.retentionPage.keepNamesAfterTheLastEvening')}
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
        >
          {due.length > 0
            ? t('site.retentionPage.saveAndEraseNow', { count: due.length })
            : t('site.retentionPage.save')}
        </Button>
      </Box>
      {due.length > 0 && (
        <Alert severity="warning" sx={{ mt: 2 }}>
          {t('site.retentionPage.thisWouldEraseAtOnceAnd', { due: due.join(', ') })}
        </Alert>
      )}
      {refusal && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {refusal.message}
        </Alert>
      )}
      <Typography sx={{ mt: 2 }}>
        {t('site.retentionPage.olderBackupsStillHoldTheNames')}
      </Typography>
    </Box>
  );
}
