import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import {
  type ChecklistSign,
  signChecklist,
  unsignChecklist,
  type Workshop,
} from '#contract/workshops';
import { type ChecklistItem, checklistOf } from '#core/safety/checklist';
import { call } from '../../app/call.ts';
import { ink } from '../../app/tokens.ts';
import { useSave } from '../../app/useSave.ts';
import { timeOfDay } from '../../ui/clock.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import '../../ui/form.css';

const groups: readonly ChecklistItem['group'][] = ['room', 'bench', 'people', 'kit'];

/** Whose name was written last on this device: whoever walks through the room signs every line. */
const nameKey = 'ozzet.checklist.name';

interface ChecklistProps {
  readonly workshop: Workshop;
  readonly signs: readonly ChecklistSign[];
}

/** What somebody looks at before the doors open, signed line by line with name and time. */
export function Checklist({ workshop, signs: loaded }: ChecklistProps) {
  const { t } = useTranslation();
  const [signs, setSigns] = useState(loaded);
  const [by, setBy] = useState(localStorage.getItem(nameKey) ?? '');
  const { run, refusal } = useSave();
  const items = checklistOf(workshop);
  const left = items.filter(({ id }) => !signs.some(({ item }) => item === id));

  const change = (work: () => Promise<readonly ChecklistSign[]>) =>
    run(async () => setSigns(await work()));
  const sign = (ids: readonly string[]) =>
    change(async () => {
      const body = { by: by.trim() };
      localStorage.setItem(nameKey, body.by);
      let signed = signs;
      for (const item of ids) {
        signed = await call(signChecklist, { params: { workshopId: workshop.id, item }, body });
      }
      return signed;
    });
  const unsign = (item: string) =>
    change(() => call(unsignChecklist, { params: { workshopId: workshop.id, item } }));

  return (
    <Box component="section" aria-labelledby="checklist" sx={{ mb: 4, maxWidth: 1100 }}>
      <Typography variant="h2" id="checklist">
        {t('workshops.checklist.beforeTheDoorsOpen')}
      </Typography>
      <Typography role="status" sx={{ mb: 1 }}>
        {left.length === 0 ? (
          <strong>
            <Trans
              i18nKey="workshops.checklist.allLinesAreSigned"
              values={{ count: items.length }}
              components={{ glyph: <Glyph name="tick" /> }}
            />
          </strong>
        ) : (
          t('workshops.checklist.ofLinesAreSigned', {
            count: items.length - left.length,
            count2: items.length,
          })
        )}{' '}
        {t('workshops.checklist.theseAreTheUsualCautionsThe')}
      </Typography>
      <Box className="form-row" sx={{ mb: 1 }}>
        <TextField
          size="small"
          label={t('workshops.checklist.lookedAtBy')}
          value={by}
          onChange={({ target }) => setBy(target.value)}
          error={refusal !== undefined && by.trim() === ''}
        />
        {left.length > 0 && (
          <Button
            variant="outlined"
            color="inherit"
            onClick={() => void sign(left.map(({ id }) => id))}
            sx={{ minHeight: 40 }}
          >
            {t('workshops.checklist.iHaveLookedAtAllOf')}
          </Button>
        )}
      </Box>
      {refusal && (
        <Alert severity="error" sx={{ mb: 1 }}>
          {refusal.message}
        </Alert>
      )}
      {groups.map((group) => {
        const ofGroup = items.filter((item) => item.group === group);
        if (ofGroup.length === 0) return null;
        return (
          <Box key={group} component="fieldset" sx={{ border: 0, p: 0, m: 0, mb: 1 }}>
            <Box component="legend" sx={{ fontWeight: 650, p: 0, mb: 0.5 }}>
              {t(`workshops.checklist.group.${group}`)}
            </Box>
            {ofGroup.map(({ id }) => {
              const signed = signs.find(({ item }) => item === id);
              return (
                <Box
                  key={id}
                  component="label"
                  sx={{
                    display: 'grid',
                    gridTemplateColumns: '44px 1fr auto',
                    alignItems: 'center',
                    borderTop: `1px solid ${ink('line')}`,
                    minHeight: 48,
                    cursor: 'pointer',
                  }}
                >
                  <Checkbox
                    checked={signed !== undefined}
                    onChange={() => void (signed ? unsign(id) : sign([id]))}
                  />
                  <span>
                    {t(`checklist.${id}.says`)}
                    <Box component="span" sx={{ display: 'block', color: ink('faded') }}>
                      {t(`checklist.${id}.why`)}
                    </Box>
                  </span>
                  <Box component="span" sx={{ whiteSpace: 'nowrap', pl: 2 }}>
                    {signed && signedWords(signed)}
                  </Box>
                </Box>
              );
            })}
          </Box>
        );
      })}
    </Box>
  );
}

/** The account is told where it goes by another name than the signature. */
const signedWords = ({ by, account, at }: ChecklistSign): string =>
  account === null || account.toLowerCase() === by.toLowerCase()
    ? `${by}, ${timeOfDay(at)}`
    : t('workshops.checklist.onSDevice', { by, account, timeOfDay: timeOfDay(at) });
