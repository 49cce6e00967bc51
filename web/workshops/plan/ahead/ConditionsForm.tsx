import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { changeConditions } from '#contract/conditions';
import type { Conditions } from '#core/pace/evening/conditions';
import { call } from '../../../app/call.ts';
import { InstructorOnly } from '../../../app/InstructorOnly.tsx';
import { useChoices } from '../../../app/useChoices.ts';
import { useSave } from '../../../app/useSave.ts';
import { conditionFields, fieldValue } from './conditionFields.ts';

interface ConditionsFormProps {
  readonly workshopId: string;
  /** As they are kept, or as rooms usually are. */
  readonly kept: Conditions;
  readonly version: number;
  /** As they are typed; undefined where a field is wrong. */
  readonly typed: Conditions | undefined;
}

const fields = Object.values(conditionFields);

/** What the evening has to do with; tried at once, and kept for the floor when the instructor says so. */
export function ConditionsForm({ workshopId, kept, version, typed }: ConditionsFormProps) {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, saving } = useSave();
  const isChanged = fields.some(({ name }) => search.has(name));
  const forget = () => choose(Object.fromEntries(fields.map(({ name }) => [name, undefined])));
  const keep = async (conditions: Conditions) => {
    const refused = await run(async () => {
      await call(changeConditions, { params: { workshopId }, body: { conditions, version } });
      await revalidate();
    });
    if (refused) enqueueSnackbar(refused.message, { variant: 'error' });
    else forget();
  };
  return (
    <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
      {fields.map((field) => {
        const asked = search.get(field.name);
        const isWrong = fieldValue(field, asked, kept) === undefined;
        return (
          <TextField
            key={field.name}
            size="small"
            label={field.label}
            value={asked ?? String(field.of(kept))}
            onChange={({ target }) => choose({ [field.name]: target.value })}
            error={isWrong}
            helperText={
              isWrong
                ? t('workshops.willItFit.fromTo', { least: field.least, most: field.most })
                : undefined
            }
            slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            sx={{ width: 142 }}
          />
        );
      })}
      <InstructorOnly>
        <Button
          variant="contained"
          disabled={!isChanged || !typed || saving}
          onClick={() => typed && void keep(typed)}
        >
          {t('workshops.ahead.keep')}
        </Button>
      </InstructorOnly>
      {isChanged && <Button onClick={forget}>{t('workshops.ahead.asItWas')}</Button>}
    </Box>
  );
}
