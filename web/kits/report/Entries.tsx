import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { t } from 'i18next';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { type FullKitReport, getStepTimes } from '#contract/reports';
import type { AtSeat, Entry, TakenTime } from '#core/learning/kitReport';
import { chanceOf } from '#core/pace/tonight/visitReasons';
import { saying } from '#core/words/sayings';
import { call } from '../../app/call.ts';
import { ink } from '../../app/tokens.ts';
import { useChoices } from '../../app/useChoices.ts';
import { dateAndTime } from '../../ui/clock.ts';
import { decimal } from '../../ui/decimal.ts';
import { useKit } from '../KitFrame.tsx';

interface FigureProps {
  /** Which entries are counted here; stands in the address. */
  readonly show: string;
  readonly children: ReactNode;
}

/** A figure that can be followed to the entries of the logs that it counts. */
export function Figure({ show, children }: FigureProps) {
  const [search, choose] = useChoices();
  const isShown = search.get('show') === show;
  return (
    <Box
      component="button"
      type="button"
      aria-expanded={isShown}
      onClick={() => choose({ show: isShown ? undefined : show })}
      sx={{
        font: 'inherit',
        color: ink('copper'),
        background: 'none',
        border: 0,
        p: 0,
        textAlign: 'inherit',
        textDecoration: 'underline',
        cursor: 'pointer',
      }}
    >
      {children}
    </Box>
  );
}

/** Something that a figure counts, at the seat and evening where it happened. */
interface Line extends AtSeat {
  readonly key: string;
  readonly what: string;
  readonly at: string;
}

/** What is behind the figure that was chosen, each line leading to the evening it was logged at. */
export function Entries({ report }: { readonly report: FullKitReport }) {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const show = search.get('show');
  const times = useStepTimes(show);
  const lines = times ? times.map(timeLine) : linesOf(t, report, show);
  const box = useRef<HTMLElement>(null);
  const isOpen = lines !== undefined;
  // The figure may stand far below.
  // biome-ignore lint/correctness/useExhaustiveDependencies: another figure opens other entries
  useEffect(() => {
    if (isOpen) box.current?.scrollIntoView({ block: 'nearest' });
  }, [isOpen, show]);
  if (!lines) return null;
  return (
    <Box
      component="section"
      ref={box}
      aria-label={t('kits.entries.entriesCounted')}
      sx={{
        background: ink('sheet'),
        border: `1px solid ${ink('line')}`,
        p: 2,
        mb: 4,
        maxWidth: 1000,
        maxHeight: 420,
        overflowY: 'auto',
      }}
      tabIndex={0}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between' }}>
        <Typography variant="h2">
          {t('kits.entries.entriesOfLogs', { count: lines.length })}
        </Typography>
        <Button onClick={() => choose({ show: undefined })}>{t('kits.entries.close')}</Button>
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {lines.map(({ key, what, workshopId, workshopTitle, seatNumber, at }) => (
          <li key={key}>
            <Trans
              i18nKey="kits.entries.seat"
              values={{ what, seatNumber, workshopTitle, dateAndTime: dateAndTime(at) }}
              components={{
                strong: <strong />,
                to: <Link to={`/workshops/${workshopId}/wrap-up`} />,
              }}
            />
          </li>
        ))}
      </Box>
    </Box>
  );
}

const paceOf = 'pace-';

/** The address of the times behind a step’s pace. */
export const showPace = (stepId: string): string => `${paceOf}${stepId}`;

/** The times behind a step’s pace, asked for only when somebody wants to see them. */
function useStepTimes(show: string | null): readonly TakenTime[] | undefined {
  const { id: kitId } = useKit();
  const [found, setFound] = useState<{ show: string; times: readonly TakenTime[] }>();
  useEffect(() => {
    if (!show?.startsWith(paceOf)) return;
    let isWanted = true;
    const params = { kitId, stepId: show.slice(paceOf.length) };
    call(getStepTimes, { params })
      .then((times) => isWanted && setFound({ show, times }))
      // The figure stays; what is behind it can be asked for again.
      .catch(() => isWanted && setFound({ show, times: [] }));
    return () => {
      isWanted = false;
    };
  }, [kitId, show]);
  return found?.show === show ? found?.times : undefined;
}

const timeLine = ({ minutes, planned, ...where }: TakenTime): Line => ({
  ...where,
  key: `${where.workshopId} ${where.seatNumber}`,
  what: t('kits.entries.minOfPlanned', { minutes: decimal(minutes, 1), planned }),
});

const mistakeLine = (t: TFunction, { eventId, mistake, designator, ...where }: Entry): Line => ({
  ...where,
  key: eventId,
  what: [t(`mistake.${mistake}.name`), designator].filter(Boolean).join(' '),
});

function linesOf(
  t: TFunction,
  report: FullKitReport,
  show: string | null,
): readonly Line[] | undefined {
  if (show === 'builds') {
    return report.built.map(({ startsAt, finishedAt, ...where }) => ({
      ...where,
      key: `${where.workshopId} ${where.seatNumber}`,
      what: finishedAt === null ? t('kits.entries.notFinished') : t('kits.entries.finished'),
      at: finishedAt ?? startsAt,
    }));
  }
  if (show === 'forecasts') {
    return report.forecasts.map(({ startsAt, chance, finished, ...where }) => ({
      ...where,
      key: `${where.workshopId} ${where.seatNumber}`,
      what: t(`kits.entries.${finished ? 'toldFinished' : 'toldNotFinished'}`, {
        chance: saying(t, chanceOf(chance)),
      }),
      at: startsAt,
    }));
  }
  const entries =
    show === 'all'
      ? report.entries
      : (report.steps.find(({ step }) => `step-${step.id}` === show)?.entries ??
        report.pairs.find(
          ({ pair }) => `pair-${pair.a.designators[0]}-${pair.b.designators[0]}` === show,
        )?.entries ??
        report.proposals.find(({ id, about }) => `proposal-${id}-${about}` === show)?.entries);
  return entries?.map((entry) => mistakeLine(t, entry));
}
