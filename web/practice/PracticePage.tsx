import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useMemo } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { getFaults } from '#contract/faults';
import { getKit, type Kit, type KitSummary, listKits } from '#contract/kits';
import { getPracticeItems } from '#contract/practice';
import { listWorkshops, type WorkshopSummary } from '#contract/workshops';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { PracticeKit } from '#core/learning/drills/drill';
import { noKit } from '#core/learning/drills/drill';
import type { ItemTally } from '#core/learning/practice/difficulty';
import { call } from '../app/call.ts';
import { useChoices } from '../app/useChoices.ts';
import { dateAndTime } from '../ui/clock.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { Training } from './session/Training.tsx';

// Comes by itself: who practises begins at once.
const HowHard = lazy(async () => ({ default: (await import('./HowHard.tsx')).HowHard }));

interface PracticeData {
  readonly kits: readonly KitSummary[];
  readonly workshops: readonly WorkshopSummary[];
  readonly items: readonly ItemTally[];
  /** The kit that is practised with; null where none was chosen. */
  readonly kit: Kit | null;
  /** What its faults show; null where that was not worked out yet. */
  readonly faults: FaultDictionary | null;
}

export const loadPractice = async ({ request }: LoaderFunctionArgs): Promise<PracticeData> => {
  const kitId = new URL(request.url).searchParams.get('kit');
  const [kits, workshops, items, kit, faults] = await Promise.all([
    call(listKits, {}),
    call(listWorkshops, {}),
    call(getPracticeItems, {}),
    kitId === null ? null : call(getKit, { params: { kitId } }),
    kitId === null ? null : call(getFaults, { params: { kitId } }),
  ]);
  return { kits, workshops, items, kit, faults };
};

const noAnswers: readonly never[] = [];
const now = () => new Date();

/** The trainers, to be tried with any kit; and a question for a whole class. */
export function PracticePage() {
  const { t } = useTranslation();
  const { kits, workshops, items, kit, faults } = useLoaderData<PracticeData>();
  const [, choose] = useChoices();
  const practiceKit = useMemo(
    (): PracticeKit =>
      kit
        ? {
            parts: kit.lines.map(({ part }) => part),
            board: kit.board,
            styles: kit.order.styles,
            ...(faults ? { faults } : {}),
          }
        : noKit,
    [kit, faults],
  );
  return (
    <>
      <PageHead
        title={t('practice.practicePage.practice')}
        facts={t('practice.practicePage.triedHereNothingIsRecordedLearners')}
      >
        <TextField
          select
          size="small"
          label={t('practice.practicePage.withTheKit')}
          value={kit?.id ?? ''}
          onChange={({ target }) => choose({ kit: target.value || undefined })}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          sx={{ minWidth: 220 }}
        >
          <MenuItem value="">{t('practice.practicePage.noKitInParticular')}</MenuItem>
          {kits.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
      </PageHead>
      {kit && !faults && (
        <p>
          {t('practice.practicePage.noFaults', { name: kit.name })}{' '}
          <Link to={`/kits/${kit.id}/fault`}>{t('practice.practicePage.workOut')}</Link>
        </p>
      )}
      <Box sx={{ display: 'grid', gap: 2.5, mb: 4 }}>
        <Training
          key={kit?.id ?? ''}
          kit={practiceKit}
          answers={noAnswers}
          weaknesses={noAnswers}
          items={noAnswers}
          now={now}
          record={() => undefined}
          isAnybody
          more={<Link to="/practice/heat">{t('practice.practicePage.openTheHeatBench')}</Link>}
        />
      </Box>
      <Typography variant="h2">{t('practice.practicePage.withAWholeClass')}</Typography>
      <p>{t('practice.practicePage.oneQuestionOnAllSeatsAt')}</p>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {workshops.map(({ id, title, startsAt, seats }) => (
          <li key={id}>
            <Link to={`/practice/class/${id}`}>
              {t('practice.practicePage.seats', {
                title,
                dateAndTime: dateAndTime(startsAt),
                seats,
              })}
            </Link>
          </li>
        ))}
      </Box>
      <Suspense>
        <HowHard items={items} />
      </Suspense>
    </>
  );
}
