import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { markReady, unmarkReady } from '#contract/readiness';
import type { Workshop } from '#contract/workshops';
import type { Readiness, ReadyItem } from '#core/readiness/readiness';
import { call } from '../../app/call.ts';
import { offerUndo } from '../../app/offerUndo.tsx';
import { useIsInstructor } from '../../app/staff.ts';
import { useSave } from '../../app/useSave.ts';
import { dateAndTime, timeInWords } from '../../ui/clock.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import './ready.css';

interface ReadyProps {
  readonly workshop: Workshop;
  readonly ready: readonly Readiness[];
}

/** Where each thing is done, below the workshop's own address or the site's. */
const placeOf: Readonly<Record<ReadyItem, (workshop: Workshop) => string>> = {
  list: ({ kitId }) => `/kits/${kitId}/parts`,
  board: ({ kitId }) => `/kits/${kitId}/board`,
  steps: ({ kitId }) => `/kits/${kitId}/steps`,
  papers: ({ id }) => `/workshops/${id}/pack`,
  parts: ({ id }) => `/stores/needs?for=${id}`,
  bags: ({ id }) => `/workshops/${id}/pack`,
  bring: ({ id }) => `/workshops/${id}/pack`,
  phones: () => '/workshops/phones',
  checklist: ({ id }) => `/workshops/${id}/plan#checklist`,
};

/** What only an instructor opens. */
const ofInstructors: readonly ReadyItem[] = ['list', 'board', 'steps', 'parts'];

/** What is ready for the evening and what is not: who said so, when, and where it is done. */
export function Ready({ workshop, ready: loaded }: ReadyProps) {
  const { t } = useTranslation();
  const [ready, setReady] = useState(loaded);
  const { run, refusal } = useSave();
  const isInstructor = useIsInstructor();
  const open = ready.filter(({ isDone }) => !isDone).length;
  const params = (item: ReadyItem) => ({ workshopId: workshop.id, item });
  const unmark = async (item: ReadyItem) =>
    setReady(await call(unmarkReady, { params: params(item) }));
  const mark = (item: ReadyItem) =>
    run(async () => {
      setReady(await call(markReady, { params: params(item) }));
      offerUndo(t('workshops.ready.marked', { what: t(`workshops.ready.item.${item}`) }), () =>
        unmark(item),
      );
    });
  const day = timeInWords(workshop.startsAt, { weekday: 'long' });
  return (
    <Box component="section" aria-labelledby="ready" sx={{ mb: 4, maxWidth: 1100 }}>
      <Typography variant="h2" id="ready">
        {t('workshops.ready.title', { day })}
      </Typography>
      <Typography role="status" sx={{ mb: 1 }}>
        {open === 0 ? (
          <>
            <Glyph name="tick" /> {t('workshops.ready.allDone')}
          </>
        ) : (
          t('workshops.ready.open', { count: open })
        )}
      </Typography>
      {refusal && <Typography role="alert">{refusal.message}</Typography>}
      <ul className="ready">
        {ready.map(({ item, isDone, isSaid, open: left, by, at }) => (
          <li key={item} className={isDone ? 'is-done' : undefined}>
            <span className="ready-state">
              <Glyph name={isDone ? 'tick' : 'dot'} />{' '}
              {t(isDone ? 'workshops.ready.done' : 'workshops.ready.isOpen')}
            </span>
            <span>
              {isInstructor || !ofInstructors.includes(item) ? (
                <Link to={placeOf[item](workshop)}>{t(`workshops.ready.item.${item}`)}</Link>
              ) : (
                t(`workshops.ready.item.${item}`)
              )}
              <span className="ready-why">
                {at
                  ? t('workshops.ready.by', {
                      by: by || t('workshops.ready.somebody'),
                      at: dateAndTime(at),
                    })
                  : isDone
                    ? t('workshops.ready.counted')
                    : left > 0
                      ? t(`workshops.ready.left.${item}`, { count: left })
                      : t(`workshops.ready.ask.${item}`)}
              </span>
            </span>
            {!isDone && (
              <Button
                variant="outlined"
                color="inherit"
                size="small"
                aria-label={t('workshops.ready.markIt', {
                  what: t(`workshops.ready.item.${item}`),
                })}
                onClick={() => void mark(item)}
              >
                {t('workshops.ready.mark')}
              </Button>
            )}
            {isSaid && (
              <Button
                color="inherit"
                size="small"
                aria-label={t('workshops.ready.unmarkIt', {
                  what: t(`workshops.ready.item.${item}`),
                })}
                onClick={() => void run(() => unmark(item))}
              >
                {t('workshops.ready.unmark')}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </Box>
  );
}
