import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import dayjs from 'dayjs';
import { Controller } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link, useLoaderData, useNavigate, useSearchParams } from 'react-router';
import * as yup from 'yup';
import type { KitSummary } from '#contract/kits';
import { fields, leaf, type TypeOf } from '#contract/schema';
import { createWorkshop, maxSeats, workshopFields } from '#contract/workshops';
import { said } from '#core/learning/said';
import { call } from '../app/call.ts';
import { resolverOf } from '../app/resolverOf.ts';
import { useSave } from '../app/useSave.ts';
import { useTypedForm } from '../app/useTypedForm.ts';
import { duration } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { FoundAgain } from '../ui/FoundAgain.tsx';
import { PageHead } from '../ui/PageHead.tsx';

/** The form as it is filled in: names as lines of text, the start in the room's own time. */
const formSchema = fields({
  ...workshopFields,
  startsAt: leaf(
    yup
      .string()
      .required(said('workshops.newWorkshopPage.chooseDateAndStart'))
      .test('time', said('workshops.newWorkshopPage.chooseADateAndATime'), (text) =>
        dayjs(text).isValid(),
      ),
  ),
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

const namesIn = (text: string): string[] =>
  text
    .split(/[\n,;]+/)
    .map((name) => name.trim())
    .filter((name) => name !== '');

/** Plans a workshop on a kit. */
export function NewWorkshopPage() {
  const { t } = useTranslation();
  const kits = useLoaderData<readonly KitSummary[]>().filter(({ archivedAt }) => !archivedAt);
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const { run, refusal } = useSave();
  const start = {
    title: '',
    kitId: search.get('kit') ?? (kits.length === 1 ? kits[0]?.id : '') ?? '',
    startsAt: dayjs().add(7, 'day').hour(18).minute(30).format('YYYY-MM-DDTHH:mm'),
    lengthMinutes: 120,
    seatCount: 8,
    names: '',
  };
  const { form, typed } = useTypedForm<Form>('new workshop', start, resolverOf(formSchema));
  const { errors, isSubmitting } = form.formState;
  const kit = kits.find(({ id }) => id === form.watch('kitId'));

  const plan = form.handleSubmit(async ({ names, seatCount, startsAt, ...rest }) => {
    const given = namesIn(names);
    await run(async () => {
      const { id } = await call(createWorkshop, {
        body: {
          ...rest,
          startsAt: dayjs(startsAt).toISOString(),
          seats: Array.from({ length: seatCount }, (_, index) => ({ name: given[index] ?? '' })),
        },
      });
      typed.saved();
      await navigate(`/workshops/${id}/plan`);
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
