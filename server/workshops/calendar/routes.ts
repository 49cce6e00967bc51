import { calendar } from '#contract/workshops';
import { eveningAhead } from '#core/pace/evening/ahead';
import { usualConditionsOf } from '#core/pace/evening/conditions';
import { forecastEvening } from '#core/pace/evening/forecast';
import { chanceOf } from '#core/pace/tonight/visitReasons';
import { saying } from '#core/words/sayings';
import type { LogMemory } from '../../builds/logMemory.ts';
import { timeInWords } from '../../clock/siteTime.ts';
import type { Database } from '../../db/database.ts';
import type { Api } from '../../http/api.ts';
import { notFound } from '../../http/refusal.ts';
import { fileName } from '../../http/table.ts';
import { isUuid } from '../../http/uuid.ts';
import { selectRevision } from '../../kits/queries.ts';
import { lookedBackAt } from '../../pace/routes.ts';
import { type Speaker, speak } from '../../words/speak.ts';
import { selectConditions } from '../conditions/queries.ts';
import {
  type StoredSeatOfWorkshop,
  type StoredWorkshop,
  selectSeats,
  selectWorkshop,
} from '../queries.ts';
import { calendarOf } from './calendar.ts';

interface CalendarDependencies {
  readonly db: Database;
  readonly memory: LogMemory;
  readonly now: () => Date;
}

/** Enough for a sentence: a chance to three per cent. */
const runs = 200;
const seed = 1;

/** The evening for a calendar, with when it will be over as far as is known. */
export function calendarRoutes(api: Api, { db, memory, now }: CalendarDependencies): void {
  api.send(calendar, async ({ params: { workshopId }, request, response }) => {
    const workshop = isUuid(workshopId) ? await selectWorkshop(db, workshopId) : undefined;
    if (!workshop) throw notFound('workshop');
    const seats = await selectSeats(db, workshop.id);
    const speaker = speak(request.query.lang);
    const lines = (await selectRevision(db, workshop.kitId, workshop.revision))?.lines ?? [];
    response
      .type('text/calendar; charset=utf-8')
      .attachment(`${fileName(workshop.title)}.ics`)
      .send(
        calendarOf(
          speaker,
          workshop,
          lines.map(({ part }) => part),
          seats.length,
          await forecastOf(speaker, workshop, seats),
          now(),
        ),
      );
  });

  /** Nothing is forecast of what has begun. */
  async function forecastOf(
    { t, locale }: Speaker,
    workshop: StoredWorkshop,
    seats: readonly StoredSeatOfWorkshop[],
  ): Promise<string> {
    if (Date.parse(workshop.startsAt) <= now().getTime() || seats.length === 0) return '';
    const { learnt, widened } = await lookedBackAt(db, memory, now());
    const { kinds, spread, trouble, learners } = learnt;
    const said = await selectConditions(db, workshop.id);
    const evening = eveningAhead(
      { ...workshop, seats },
      said?.conditions ?? usualConditionsOf(seats),
      { kinds, spread, trouble, widened },
      learners,
    );
    const { chance, last } = forecastEvening(evening, runs, seed);
    const endMs = Date.parse(workshop.startsAt) + workshop.lengthMinutes * 60_000;
    return t('papers.calendar.forecast', {
      end: timeInWords(locale, new Date(endMs).toISOString(), { timeStyle: 'short' }),
      chance: saying(t, chanceOf(chance)),
      last: Math.round(last.p50),
      from: Math.round(last.p05),
      to: Math.round(last.p95),
    });
  }
}
