import { randomUUID } from 'node:crypto';
import type { FieldError } from '#contract/problem';
import { maxSeats, type Seat } from '#contract/workshops';
import { said } from '#core/learning/said';
import type { Experience } from '#core/pace/experience';
import type { Queryable } from '../db/database.ts';
import { insertLearner, selectLastExperience, selectLearnerByName } from '../people/queries.ts';
import { newToken } from '../seats/seatTokens.ts';

/** The learner of that name, made where there is none yet; null for a seat without a name. */
async function learnerNamed(tx: Queryable, name: string): Promise<string | null> {
  if (name === '') return null;
  const known = await selectLearnerByName(tx, name);
  if (known) return known;
  const id = randomUUID();
  await insertLearner(tx, id, name);
  return id;
}

/** The learners of some names, made where there are none yet; a seat without a name has none. */
export async function learnersNamed(
  tx: Queryable,
  names: readonly string[],
): Promise<ReadonlyMap<string, string>> {
  const learners = new Map<string, string>();
  for (const name of names) {
    const id = await learnerNamed(tx, name);
    if (id !== null) learners.set(name, id);
  }
  return learners;
}

interface Asked {
  readonly name: string;
  readonly experience?: Experience | undefined;
}

/** New seats in the order of the names; who was here before has the experience of the last time where none is given. */
export async function seatsFor(tx: Queryable, asked: readonly Asked[]): Promise<Seat[]> {
  const seats: Seat[] = [];
  for (const [index, { name, experience }] of asked.entries()) {
    const learnerId = await learnerNamed(tx, name);
    const last = learnerId === null ? undefined : await selectLastExperience(tx, learnerId);
    seats.push({
      id: randomUUID(),
      number: index + 1,
      name,
      token: newToken(),
      learnerId,
      experience: experience ?? last ?? 'new',
      partner: null,
    });
  }
  return seats;
}

/** Why nobody of that name gets a seat more. */
export function newSeatErrors(seats: readonly Seat[], name: string): FieldError[] {
  if (seats.length >= maxSeats) {
    return [{ field: 'name', says: said('refusals.workshops.planAtMostSeats', { maxSeats }) }];
  }
  const isTaken =
    name !== '' && seats.some((seat) => seat.name.toLowerCase() === name.toLowerCase());
  return isTaken
    ? [{ field: 'name', says: said('refusals.workshops.twoSeatsAreCalled', { name }) }]
    : [];
}

/** What is wrong with a seating: each seat once, and partners that are each other's. */
export function seatingErrors(
  seats: readonly Seat[],
  asked: readonly { readonly id: string; readonly partner?: number | null }[],
): FieldError[] {
  const numberOf = new Map(seats.map(({ id, number }) => [id, number]));
  const known = asked.filter(({ id }) => numberOf.has(id));
  if (known.length !== seats.length || new Set(asked.map(({ id }) => id)).size !== seats.length) {
    return [{ field: 'seats', says: said('refusals.workshops.theSeatsAreNotThoseOfThis') }];
  }
  const partnerOf = new Map(asked.map(({ id, partner }) => [numberOf.get(id), partner ?? null]));
  return asked.flatMap(({ id, partner }, index) => {
    const number = numberOf.get(id);
    const fits = partner == null || (partner !== number && partnerOf.get(partner) === number);
    return fits
      ? []
      : [
          {
            field: `seats[${index}].partner`,
            says: said('refusals.workshops.seatIsPairedWithWhichIsPaired', {
              number: number ?? index + 1,
              partner: partner ?? '',
            }),
          },
        ];
  });
}
