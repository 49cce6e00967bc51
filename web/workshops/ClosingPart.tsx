import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type Closing, closeEvening, longestNextTime, writeNextTime } from '#contract/closing';
import { linkDays } from '#contract/seats';
import { call } from '../app/call.ts';
import { offerUndo } from '../app/offerUndo.tsx';
import { useIsInstructor } from '../app/staff.ts';
import { useSave } from '../app/useSave.ts';
import { useTyped } from '../app/useTyped.ts';
import { dateAndTime } from '../ui/clock.ts';
import { FoundAgain } from '../ui/FoundAgain.tsx';
import { useWorkshop } from './WorkshopFrame.tsx';

/** The end of an evening: what to change next time, and the seats locked. */
export function ClosingPart({ closing: loaded }: { readonly closing: Closing }) {
  const { t } = useTranslation();
  const { kitName } = useWorkshop();
  const [closing, setClosing] = useState(loaded);
  const isInstructor = useIsInstructor();
  return (
    <Box component="section" aria-labelledby="closing" sx={{ mb: 3, maxWidth: 760 }}>
      <Typography variant="h2" id="closing" sx={{ mb: 1 }}>
        {t('workshops.closing.title')}
      </Typography>
      {isInstructor ? (
        <NextTime key={closing.nextTime} closing={closing} saved={setClosing} />
      ) : (
        closing.nextTime !== '' && (
          <p>{t('workshops.closing.nextTimeOf', { kit: kitName, text: closing.nextTime })}</p>
        )
      )}
      <Locks closing={closing} changed={setClosing} />
    </Box>
  );
}

interface NextTimeProps {
  readonly closing: Closing;
  readonly saved: (closing: Closing) => void;
}

/** One text a workshop, kept with the kit. */
function NextTime({ closing, saved }: NextTimeProps) {
  const { t } = useTranslation();
  const { id, kitName } = useWorkshop();
  const { run, refusal, saving } = useSave();
  const typed = useTyped(`next time ${id}`, { text: closing.nextTime });
  const text = typed.value.text.trim();
  const save = () =>
    run(async () => {
      const now = await call(writeNextTime, {
        params: { workshopId: id },
        body: { text, basedOn: closing.nextTime },
      });
      typed.saved();
      saved(now);
    });
  return (
    <Box sx={{ display: 'grid', gap: 1, mb: 2 }}>
      <FoundAgain typed={typed} />
      <TextField
        multiline
        minRows={2}
        label={t('workshops.closing.nextTime')}
        helperText={t('workshops.closing.nextTimeHelp', { kit: kitName })}
        value={typed.value.text}
        onChange={({ target }) => typed.set({ text: target.value })}
        slotProps={{ htmlInput: { maxLength: longestNextTime } }}
      />
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
      <Box>
        <Button
          variant="outlined"
          loading={saving}
          disabled={text === closing.nextTime}
          onClick={() => void save()}
        >
          {t('workshops.closing.saveNextTime')}
        </Button>
      </Box>
    </Box>
  );
}

interface LocksProps {
  readonly closing: Closing;
  readonly changed: (closing: Closing) => void;
}

/** Whether the seats are locked, and until when their links open. */
function Locks({ closing: { closedAt, linksEnd }, changed }: LocksProps) {
  const { t } = useTranslation();
  const { id } = useWorkshop();
  const isInstructor = useIsInstructor();
  const { run, refusal, saving } = useSave();
  const [endLinks, setEndLinks] = useState(false);
  const put = async (body: { readonly isClosed: boolean; readonly linksEnd: boolean }) =>
    changed(await call(closeEvening, { params: { workshopId: id }, body }));
  const close = () =>
    run(async () => {
      await put({ isClosed: true, linksEnd: endLinks });
      offerUndo(t('workshops.closing.isClosed'), () => put({ isClosed: false, linksEnd: false }));
    });
  return (
    <>
      {closedAt === null ? (
        isInstructor && (
          <>
            <p>{t('workshops.closing.whatItMeans')}</p>
            <FormControlLabel
              control={<Checkbox checked={endLinks} onChange={(_, on) => setEndLinks(on)} />}
              label={t('workshops.closing.endLinks', { count: linkDays })}
            />
            <Box>
              <Button variant="contained" loading={saving} onClick={() => void close()}>
                {t('workshops.closing.close')}
              </Button>
            </Box>
          </>
        )
      ) : (
        <>
          <p role="status">
            {t(linksEnd ? 'workshops.closing.closedWithLinks' : 'workshops.closing.closedAt', {
              when: dateAndTime(closedAt),
            })}
          </p>
          {isInstructor && (
            <Button
              variant="outlined"
              color="inherit"
              loading={saving}
              onClick={() => void run(() => put({ isClosed: false, linksEnd: false }))}
            >
              {t('workshops.closing.openAgain')}
            </Button>
          )}
        </>
      )}
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
    </>
  );
}
