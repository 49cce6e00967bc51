import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { Trans, useTranslation } from 'react-i18next';
import { sharedThings } from '#core/pace/evening/room';
import { totalMinutes } from '#core/pace/stepMinutes';
import { chanceOf } from '#core/pace/tonight/visitReasons';
import { stepTitle } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
import { duration, timeOfDay } from '../../../ui/clock.ts';
import '../../../ui/plainTable.css';
import type { AheadResult } from '../../forecast/forecast.worker.ts';
import { useWorkshop } from '../../WorkshopFrame.tsx';

const percent = (share: number) => `${Math.round(100 * share)} %`;

/** The forecast asked backwards: how long, from when, how far, what beforehand, more of what. */
export function WhatWouldDo({ result: { forecast, asked } }: { readonly result: AheadResult }) {
  const { t } = useTranslation();
  const { seats, lengthMinutes } = useWorkshop();
  return (
    <Box sx={{ mt: 2 }}>
      <Typography role="status" sx={{ fontSize: '1.15rem', maxWidth: '80ch' }}>
        <Trans
          i18nKey="workshops.ahead.everybody"
          values={{
            chance: saying(t, chanceOf(forecast.chance)),
            doubt: percent(forecast.doubt),
            count: seats.length,
            length: duration(lengthMinutes),
            done: Math.round(forecast.shareDone * seats.length),
          }}
          components={{ strong: <strong /> }}
        />
      </Typography>
      <Box component="ul" sx={{ my: 1, pl: 3, maxWidth: '80ch' }}>
        <Length {...asked.minutesFor} />
        <HowFar asked={asked} />
        <li>{waitsSentence(t, forecast.waits)}</li>
      </Box>
      <Helps forecast={forecast} helps={asked.helps} />
    </Box>
  );
}

function Length({ most, nearlyAll }: AheadResult['asked']['minutesFor']) {
  const { t } = useTranslation();
  const { startsAt, lengthMinutes } = useWorkshop();
  const endMs = Date.parse(startsAt) + lengthMinutes * 60_000;
  const startFor = (minutes: number) => timeOfDay(new Date(endMs - minutes * 60_000).toISOString());
  return (
    <>
      <li>
        {t('workshops.ahead.length', { most: duration(most), nearlyAll: duration(nearlyAll) })}
      </li>
      <li>
        {t('workshops.ahead.start', {
          end: timeOfDay(new Date(endMs).toISOString()),
          most: startFor(most),
          nearlyAll: startFor(nearlyAll),
        })}
      </li>
    </>
  );
}

/** What to leave for another time, or to do beforehand; nothing where everybody gets to the end. */
function HowFar({ asked: { upTo, prepare } }: Pick<AheadResult, 'asked'>) {
  const { t } = useTranslation();
  const { steps, seats } = useWorkshop();
  const last = upTo === null ? undefined : steps[upTo];
  return (
    <>
      {last && upTo !== null && (
        <li>{t('workshops.ahead.upTo', { number: upTo + 1, title: stepTitle(t, last) })}</li>
      )}
      {prepare && (
        <li>
          {t('workshops.ahead.prepare', {
            count: prepare.steps,
            minutes: duration(totalMinutes(steps.slice(0, prepare.steps))),
            boards: seats.length,
            chance: saying(t, chanceOf(prepare.chance)),
          })}
        </li>
      )}
    </>
  );
}

function waitsSentence(t: TFunction, waits: AheadResult['forecast']['waits']): string {
  const long = sharedThings.filter((thing) => waits[thing] >= 0.5);
  return long.length === 0
    ? t('workshops.willItFit.nobodyWaitsForAnythingForLong')
    : t('workshops.willItFit.aLearnerWaitsOnTheAverage', {
        map: long
          .map((thing) =>
            t('workshops.willItFit.minFor', {
              value: Math.round(waits[thing]),
              value2: t(`workshops.ahead.thing.${thing}`),
            }),
          )
          .join(', '),
      });
}

interface HelpsProps {
  readonly forecast: AheadResult['forecast'];
  readonly helps: AheadResult['asked']['helps'];
}

/** What helps, and nothing that does not. */
function Helps({ forecast, helps }: HelpsProps) {
  const { t } = useTranslation();
  if (helps.length === 0) {
    return <Typography>{t('workshops.ahead.nothingHelps')}</Typography>;
  }
  const rows = [
    {
      id: 'as-planned',
      name: t('workshops.willItFit.asPlanned'),
      chance: forecast.chance,
      last: forecast.last.p50,
    },
    ...helps.map(({ id, more, chance, last }) => ({
      id,
      name: t(`workshops.ahead.more.${id}`, { count: more }),
      chance,
      last,
    })),
  ];
  return (
    <table
      className="plain"
      aria-label={t('workshops.willItFit.whatWouldHelp')}
      style={{ maxWidth: 720 }}
    >
      <thead>
        <tr>
          <th scope="col">{t('workshops.willItFit.whatWouldHelp')}</th>
          <th scope="col" className="number">
            {t('workshops.willItFit.everybodyDone')}
          </th>
          <th scope="col" className="number">
            {t('workshops.willItFit.lastOneMiddleEvening')}
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ id, name, chance, last }) => (
          <tr key={id}>
            <th scope="row">{name}</th>
            <td className="number">{saying(t, chanceOf(chance))}</td>
            <td className="mono number">{duration(last)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
