import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import dayjs from 'dayjs';
import { Controller, useForm } from 'react-hook-form';
import { Link, useLoaderData, useNavigate, useSearchParams } from 'react-router';
import * as yup from 'yup';
import type { KitSummary } from '#contract/kits';
import { fields, leaf, type TypeOf } from '#contract/schema';
import { createWorkshop, maxSeats, workshopFields } from '#contract/workshops';
import { call } from '../app/call.ts';
import { resolverOf } from '../app/resolverOf.ts';
import { useSave } from '../app/useSave.ts';
import { duration } from '../ui/clock.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { PageHead } from '../ui/PageHead.tsx';

/** The form as it is filled in: names as lines of text, the start in the room's own time. */
const formSchema = fields({
  ...workshopFields,
  startsAt: leaf(
    yup
      .string()
      .required('Choose date and start.')
      .test('time', 'Choose a date and a time.', (text) => dayjs(text).isValid()),
  ),
  names: leaf(
    yup
      .string()
      .defined()
      .test('long', 'A name has at most 40 characters.', (text) =>
        namesIn(text).every((name) => name.length <= 40),
      ),
  ),
  seatCount: leaf(
    yup
      .number()
      .typeError('Write the number of seats.')
      .integer('Write a whole number of seats.')
      .min(1, 'Plan at least one seat.')
      .max(maxSeats, `Plan at most ${maxSeats} seats.`)
      .required('Say how many seats there are.')
      .test(
        'enough',
        'There are more names than seats: raise the number of seats or remove names.',
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
  const kits = useLoaderData<readonly KitSummary[]>();
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const { run, refusal } = useSave();
  const form = useForm<Form>({
    resolver: resolverOf(formSchema),
    defaultValues: {
      title: '',
      kitId: search.get('kit') ?? (kits.length === 1 ? kits[0]?.id : '') ?? '',
      startsAt: dayjs().add(7, 'day').hour(18).minute(30).format('YYYY-MM-DDTHH:mm'),
      lengthMinutes: 120,
      seatCount: 8,
      names: '',
    },
  });
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
      await navigate(`/workshops/${id}/plan`);
    });
  });

  if (kits.length === 0) {
    return (
      <>
        <PageHead title="Plan a workshop" />
        <EmptyState
          title="First a kit"
          text="A workshop is planned on a kit. Import the parts list of one."
        >
          <Button variant="contained" component={Link} to="/kits/import">
            Import a parts list
          </Button>
        </EmptyState>
      </>
    );
  }
  return (
    <Box component="form" noValidate onSubmit={(event) => void plan(event)} sx={{ maxWidth: 760 }}>
      <PageHead
        title="Plan a workshop"
        facts="Each seat gets its own link and code to print or to show."
      />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '5fr 5fr 4fr 2fr' },
          columnGap: 2,
          rowGap: 1.5,
        }}
      >
        <TextField
          label="Title"
          required
          autoFocus
          sx={{ gridColumn: '1 / -1' }}
          error={!!errors.title}
          helperText={errors.title?.message ?? 'Learners see it on their seat.'}
          {...form.register('title')}
        />
        <Controller
          control={form.control}
          name="kitId"
          render={({ field }) => (
            <TextField
              select
              label="Kit"
              required
              error={!!errors.kitId}
              helperText={
                errors.kitId?.message ??
                (kit ? `About ${duration(kit.minutes)} for somebody new.` : ' ')
              }
              {...field}
            >
              {kits.map(({ id, name, revision }) => (
                <MenuItem key={id} value={id}>
                  {name} (revision {revision})
                </MenuItem>
              ))}
            </TextField>
          )}
        />
        <TextField
          label="Date and start"
          type="datetime-local"
          required
          slotProps={{ inputLabel: { shrink: true } }}
          error={!!errors.startsAt}
          helperText={errors.startsAt?.message ?? ' '}
          {...form.register('startsAt')}
        />
        <TextField
          label="Length in minutes"
          type="number"
          required
          error={!!errors.lengthMinutes}
          helperText={errors.lengthMinutes?.message ?? ' '}
          {...form.register('lengthMinutes')}
        />
        <TextField
          label="Seats"
          type="number"
          required
          error={!!errors.seatCount}
          helperText={errors.seatCount?.message ?? ' '}
          {...form.register('seatCount')}
        />
        <TextField
          label="Names"
          multiline
          minRows={6}
          sx={{ gridColumn: '1 / -1' }}
          error={!!errors.names}
          helperText={
            errors.names?.message ??
            'One a line, in the order of the seats. First names or made-up ones will do; seats may stay without a name.'
          }
          {...form.register('names')}
        />
      </Box>
      {kit && kit.minutes > Number(form.watch('lengthMinutes')) && (
        <Alert severity="warning" sx={{ mt: 2 }}>
          The steps add up to {duration(kit.minutes)} for somebody new. That is longer than the
          workshop.
        </Alert>
      )}
      {refusal && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {refusal.message}
        </Alert>
      )}
      <Typography sx={{ my: 2 }}>
        <Button type="submit" variant="contained" size="large" loading={isSubmitting}>
          Plan it
        </Button>
      </Typography>
    </Box>
  );
}
