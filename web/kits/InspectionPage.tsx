import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { enqueueSnackbar } from 'notistack';
import { type FormEvent, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type LoaderFunctionArgs, useLoaderData, useRevalidator } from 'react-router';
import { addReading, type IncomingReading, listReadings, removeReading } from '#contract/kits';
import { meters } from '#core/inspection/meters';
import { type Amount, hasAmount } from '#core/inspection/verdict';
import { shortDesignators, toleranceLabel } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { parseQuantity } from '#core/quantity/parseQuantity';
import { partName, valueWords } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
import { call } from '../app/call.ts';
import { ink } from '../app/tokens.ts';
import { useChoices } from '../app/useChoices.ts';
import { unlessChanged, useSave } from '../app/useSave.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { InspectionPolicy } from './InspectionPolicy.tsx';
import { useKit } from './KitFrame.tsx';
import { MeterSheet } from './MeterSheet.tsx';
import { ReadingRow } from './ReadingRow.tsx';
import '../ui/form.css';

export const loadReadings = ({ params }: LoaderFunctionArgs) =>
  call(listReadings, { params: { kitId: String(params.kitId) } });

/** Inspection of incoming parts: choose the meter, type readings, see what each part is good for. */
export function InspectionPage() {
  const { t } = useTranslation();
  const { lines } = useKit();
  const measurable = lines.flatMap(({ part }, line) => (hasAmount(part) ? [{ part, line }] : []));
  if (measurable.length === 0) {
    return (
      <EmptyState
        title={t('kits.inspectionPage.nothingThatAMeterCouldCheck')}
        text={t('kits.inspectionPage.noPartOfThisKitHas')}
      />
    );
  }
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 4,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 400px' },
        alignItems: 'start',
      }}
    >
      <Bench measurable={measurable} />
      <InspectionPolicy parts={measurable.map(({ part }) => part)} />
    </Box>
  );
}

interface BenchProps {
  /** Parts that have an amount, with their line in the kit. */
  readonly measurable: readonly {
    readonly part: Part & { readonly value: Amount };
    readonly line: number;
  }[];
}

function Bench({ measurable }: BenchProps) {
  const { t } = useTranslation();
  const kit = useKit();
  const readings = useLoaderData<IncomingReading[]>();
  const { revalidate } = useRevalidator();
  const [search, chooseInAddress] = useChoices();
  const [text, setText] = useState('');
  const { run } = useSave();
  const [problem, setProblem] = useState<string>();
  const field = useRef<HTMLInputElement>(null);

  const meter = meters.find(({ id }) => id === search.get('meter')) ?? meters[0];
  const asked = Number(search.get('line'));
  const chosen = measurable.find(({ line }) => line === asked) ?? measurable[0];
  if (!chosen || !meter) return null;
  const { unit } = chosen.part.value;
  const choose = (name: string, value: string) => {
    chooseInAddress({ [name]: value });
    setProblem(undefined);
  };

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const read = parseQuantity(text, unit);
    if (!read.ok) {
      setProblem(saying(t, read.problem));
      return;
    }
    const refused = await run(() =>
      call(addReading, {
        params: { kitId: kit.id },
        body: { line: chosen.line, meter: meter.id, reading: read.value },
      }),
    );
    if (refused) {
      setProblem(refused.about('reading') ?? refused.about('line') ?? refused.message);
      return;
    }
    setText(unlessChanged(text));
    setProblem(undefined);
    await revalidate();
    field.current?.focus();
  };

  const remove = async ({ id }: IncomingReading) => {
    const refused = await run(() =>
      call(removeReading, { params: { kitId: kit.id, readingId: id } }),
    );
    if (refused) enqueueSnackbar(refused.message, { variant: 'error' });
    else await revalidate();
  };

  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Typography>{t('kits.inspectionPage.shortTheLeadsOfAnElectrolytic')}</Typography>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void submit(event)}
        className="form-row"
      >
        <TextField
          select
          label={t('kits.inspectionPage.meter')}
          value={meter.id}
          onChange={({ target }) => choose('meter', target.value)}
          sx={{ width: 230 }}
        >
          {meters.map(({ id }) => (
            <MenuItem key={id} value={id}>
              {t(`kits.meter.${id}.name`)}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label={t('kits.inspectionPage.part')}
          value={String(chosen.line)}
          onChange={({ target }) => choose('line', target.value)}
          sx={{ minWidth: 200, flex: 1 }}
        >
          {measurable.map(({ part, line }) => (
            <MenuItem key={line} value={String(line)}>
              {shortDesignators(part.designators) || part.description} · {partName(t, part)}{' '}
              {toleranceLabel(part.value)}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          label={t('kits.inspectionPage.reading')}
          inputRef={field}
          autoFocus
          value={text}
          onChange={({ target }) => setText(target.value)}
          error={problem !== undefined}
          helperText={
            problem ??
            t('kits.inspectionPage.suchAs', { valueLabel: valueWords(t, chosen.part.value) })
          }
          sx={{ width: 190 }}
        />
        <Button type="submit" variant="contained" size="large">
          {t('kits.inspectionPage.judgeIt')}
        </Button>
      </Box>
      <MeterSheet meter={meter} unit={unit} />
      {readings.length === 0 ? (
        <EmptyState
          title={t('kits.inspectionPage.noReadingYet')}
          text={t('kits.inspectionPage.chooseThePartHoldTheTips')}
        />
      ) : (
        <Box
          component="ul"
          aria-label={t('kits.inspectionPage.readingsNewestFirst')}
          sx={{ listStyle: 'none', m: 0, p: 0, borderTop: `2px solid ${ink('ink')}` }}
        >
          {readings.map((reading) => (
            <ReadingRow
              key={reading.id}
              reading={reading}
              kit={kit.lines.map(({ part }) => part)}
              remove={() => void remove(reading)}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}
