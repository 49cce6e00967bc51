import Alert from '@mui/material/Alert';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { setSiteClock } from '#contract/siteClock';
import { type HoursOfClock, hoursOfClocks } from '#contract/timeZone';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { dateAndTime } from '../ui/clock.ts';
import { siteClock, takeClock } from '../ui/siteClock.ts';
import '../ui/form.css';

/** In which zone all times of the site are told, and how its clocks count. */
export function SiteClockPart() {
  const { t } = useTranslation();
  const { enqueueSnackbar } = useSnackbar();
  const [timeZone, setTimeZone] = useState(siteClock().timeZone);
  const [hours, setHours] = useState<HoursOfClock>(siteClock().hours);
  const { run, refusal, saving } = useSave();
  const save = () =>
    run(async () => {
      takeClock(await call(setSiteClock, { body: { timeZone, hours } }));
      enqueueSnackbar(t('site.clock.saved', { now: dateAndTime(new Date().toISOString()) }));
    });
  return (
    <Box component="section" aria-labelledby="clock">
      <Typography variant="h2" id="clock" sx={{ mb: 1 }}>
        {t('site.clock.title')}
      </Typography>
      <p>{t('site.clock.whatItMeans')}</p>
      <div className="form-row">
        <Autocomplete
          options={Intl.supportedValuesOf('timeZone')}
          value={timeZone}
          disableClearable
          onChange={(_, chosen) => setTimeZone(chosen)}
          sx={{ minWidth: 280 }}
          renderInput={(params) => <TextField {...params} label={t('site.clock.zone')} />}
        />
        <TextField
          select
          label={t('site.clock.hours')}
          value={hours}
          onChange={({ target }) => setHours(Number(target.value) as HoursOfClock)}
          sx={{ minWidth: 160 }}
        >
          {hoursOfClocks.map((one) => (
            <MenuItem key={one} value={one}>
              {t(`site.clock.${one === 12 ? 'twelve' : 'twentyFour'}`)}
            </MenuItem>
          ))}
        </TextField>
        <Button variant="outlined" loading={saving} onClick={() => void save()}>
          {t('site.clock.save')}
        </Button>
      </div>
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
    </Box>
  );
}
