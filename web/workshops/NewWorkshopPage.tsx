import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef } from 'react';
import { Controller } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData, useLocation, useNavigate, useSearchParams } from 'react-router';
import * as yup from 'yup';
import type { KitSummary } from '#contract/kits';
import { wholeNumber } from '#contract/leaves';
import { fields, leaf, type TypeOf } from '#contract/schema';
import { createWorkshop, longestSeries, maxSeats, workshopFields } from '#contract/workshops';
import { said } from '#core/learning/said';
import { namesIn } from '#core/pace/seating/namesIn';
import { call } from '../app/call.ts';
import { resolverOf } from '../app/resolverOf.ts';
import { useSave } from '../app/useSave.ts';
import { useTypedForm } from '../app/useTypedForm.ts';
import { duration } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { FileInput } from '../ui/FileInput.tsx';
import { FoundAgain } from '../ui/FoundAgain.tsx';
import { PageHead } from '../ui/PageHead.tsx';
import { copiedIn } from './copyOf.ts';
import { localStart } from './localStart.ts';
import { formFormat, siteTime, typedTime } from './siteTime.ts';

/** The form as it is filled in: names as lines of text, the start in the room's own time. */
const formSchema = fields({
  ...workshopFields,
  startsAt: localStart,
  evenings: wholeNumber(1, longestSeries),
  names: leaf(
    yup
      .string()
      .defined()
      .test('long', said('workshops.newWorkshopPage.aNameHasAtMost40'), (text) =>
        namesIn(text).every((name) => name.length <= 40),
      ),
  ),
  seatCount: leaf(
    yup
      .number()
      .typeError(said('workshops.newWorkshopPage.writeTheNumberOfSeats'))
      .integer(said('workshops.newWorkshopPage.writeAWholeNumberOfSeats'))
      .min(1, said('workshops.newWorkshopPage.planAtLeastOneSeat'))
      .max(maxSeats, said('workshops.newWorkshopPage.planAtMostSeats', { maxSeats }))
      .required(said('workshops.newWorkshopPage.sayHowManySeatsThereAre'))
      .test(
        'enough',
        said('workshops.newWorkshopPage.thereAreMoreNamesThanSeats'),
        (count, { parent }) => namesIn(String(parent.names ?? '')).length <= (count ?? 0),
      ),
  ),
});

type Form = TypeOf<typeof formSchema>;

/** Plans a workshop on a kit. */
export function NewWorkshopPage() {
  const { t } = useTranslation();
  const kits = useLoaderData<readonly KitSummary[]>().filter(({ archivedAt }) => !archivedAt);
  const [search] = useSearchParams();
  const copied = copiedIn(useLocation().state);
  const navigate = useNavigate();
  const { run, refusal } = useSave();
  const start = {
    title: '',
    kitId: search.get('kit') ?? (kits.length === 1 ? kits[0]?.id : '') ?? '',
    startsAt: siteTime(new Date()).add(7, 'day').hour(18).minute(30).format(formFormat),
    lengthMinutes: 120,
    seatCount: 8,
    evenings: 1,
    names: '',
    ...copied,
  };
  const { form, typed } = useTypedForm<Form>(
    copied ? `copy of ${copied.title} ${copied.startsAt}` : 'new workshop',
    start,
    resolverOf(formSchema),
  );
  const { errors, isSubmitting } = form.formState;
  const kit = kits.find(({ id }) => id === form.watch('kitId'));

  const list = useRef<HTMLInputElement>(null);
  const takeNames = async (file: File) => {
    const names = namesIn(await file.text());
    form.setValue('names', names.join('\n'), { shouldDirty: true });
    form.setValue('seatCount', Math.max(names.length, Number(form.getValues('seatCount'))));
  };

  const plan = form.handleSubmit(async ({ names, seatCount, startsAt, evenings, ...rest }) => {
    const given = namesIn(names);
    await run(async () => {
      const { id } = await call(createWorkshop, {
        body: {
          ...rest,
          startsAt: typedTime(startsAt).toISOString(),
          // By the clock on the wall, also where summer time ends between.
          further: Array.from({ length: evenings - 1 }, (_, index) =>
            typedTime(startsAt)
              .add(index + 1, 'week')
              .toISOString(),
          ),
          seats: Array.from({ length: seatCount }, (_, index) => ({ name: given[index] ?? '' })),
        },
      });
      typed.saved();
      await navigate(evenings > 1 ? '/workshops' : `/workshops/${id}/plan`);
    });
  });

  if (kits.length === 0) {
    return (
      <>
        <PageHead title={t('workshops.newWorkshopPage.planAWorkshop')} />
        <EmptyState
          title={t('workshops.newWorkshopPage.firstAKit')}
          text={t('workshops.newWorkshopPage.aWorkshopIsPlannedOnA')}
        >
          <Button variant="contained" component={Link} to="/kits/new">
            {t('workshops.newWorkshopPage.importAPartsList')}
          </Button>
        </EmptyState>
      </>
    );
  }
  return (
    <Box component="form" noValidate onSubmit={(event) => void plan(event)} sx={{ maxWidth: 760 }}>
      <PageHead
        title={t('workshops.newWorkshopPage.planAWorkshop')}
        facts={t('workshops.newWorkshopPage.eachSeatGetsItsOwnLink')}
      />
      <FoundAgain typed={typed} />
      {copied && (
        <Alert severity="info" sx={{ mb: 2 }}>
          {t('workshops.copyWorkshop.isCopy', { title: copied.title })}
        </Alert>
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '5fr 5fr 4fr 2fr' },
          columnGap: 2,
          rowGap: 1.5,
        }}
      >
        <TextField
          label={t('workshops.newWorkshopPage.title')}
          required
          autoFocus
          sx={{ gridColumn: '1 / -1' }}
          error={!!errors.title}
          helperText={
            errors.title?.message ?? t('workshops.newWorkshopPage.learnersSeeItOnTheirSeat')
          }
          {...form.register('title')}
        />
        <Controller
          control={form.control}
          name="kitId"
          render={({ field }) => (
            <TextField
              select
              label={t('workshops.newWorkshopPage.kit')}
              required
              error={!!errors.kitId}
              helperText={
                errors.kitId?.message ??
                (kit
                  ? t('workshops.newWorkshopPage.aboutForSomebodyNew', {
                      duration: duration(kit.minutes),
                    })
                  : ' ')
              }
              {...field}
            >
              {kits.map(({ id, name, revision }) => (
                <MenuItem key={id} value={id}>
                  {t('workshops.newWorkshopPage.revision', { name, revision })}
                </MenuItem>
              ))}
            </TextField>
          )}
        />
        <TextField
          label={t('workshops.newWorkshopPage.dateAndStart')}
          type="datetime-local"
          required
          slotProps={{ inputLabel: { shrink: true } }}
          error={!!errors.startsAt}
          helperText={errors.startsAt?.message ?? ' '}
          {...form.register('startsAt')}
        />
        <TextField
          label={t('workshops.newWorkshopPage.lengthInMinutes')}
          type="number"
          required
          error={!!errors.lengthMinutes}
          helperText={errors.lengthMinutes?.message ?? ' '}
          {...form.register('lengthMinutes')}
        />
        <TextField
          label={t('workshops.newWorkshopPage.seats')}
          type="number"
          required
          error={!!errors.seatCount}
          helperText={errors.seatCount?.message ?? ' '}
          {...form.register('seatCount')}
        />
        <TextField
          label={t('workshops.newWorkshopPage.names')}
          multiline
          minRows={6}
          sx={{ gridColumn: '1 / -1' }}
          error={!!errors.names}
          helperText={errors.names?.message ?? t('workshops.newWorkshopPage.oneALineInTheOrder')}
          {...form.register('names')}
        />
        <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 2, flexWrap: 'wrap' }}>
          <Button variant="outlined" color="inherit" onClick={() => list.current?.click()}>
            {t('workshops.newWorkshopPage.namesFromFile')}
          </Button>
          <FileInput
            label={t('workshops.newWorkshopPage.namesFromFile')}
            input={list}
            accept=".csv,.txt,.tsv,text/csv,text/plain"
            take={takeNames}
          />
          <TextField
            label={t('workshops.newWorkshopPage.evenings')}
            type="number"
            sx={{ minWidth: 220 }}
            error={!!errors.evenings}
            helperText={errors.evenings?.message ?? t('workshops.newWorkshopPage.oneAWeek')}
            {...form.register('evenings')}
          />
        </Box>
      </Box>
      {kit && kit.minutes > Number(form.watch('lengthMinutes')) && (
        <Alert severity="warning" sx={{ mt: 2 }}>
          {t('workshops.newWorkshopPage.theStepsAddUpToFor', { duration: duration(kit.minutes) })}
        </Alert>
      )}
      {refusal && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {refusal.message}
        </Alert>
      )}
      <Typography sx={{ my: 2 }}>
        <Button type="submit" variant="contained" size="large" loading={isSubmitting}>
          {t('workshops.newWorkshopPage.planIt')}
        </Button>
      </Typography>
    </Box>
  );
}
