import type { RouteObject } from 'react-router';
import type { LearntPaces } from '#contract/pace';
import type { SessionState } from '#contract/session';
import { signedOut } from '#contract/session';
import type { Seat, Workshop } from '#contract/workshops';
import { heatTimesOf } from '#core/joint/heat/iron';
import { planKit } from '#core/order/planKit';
import { line, ohm } from '#core/order/testing/kits';
import { spreadBefore } from '#core/pace/learnt/priors';
import { noTrouble } from '#core/pace/learnt/trouble';
import { withMinutes } from '#core/pace/stepMinutes';
import { WorkshopFrame } from '../workshops/WorkshopFrame.tsx';
import { showPage } from './page.tsx';

/** Two resistors and two LEDs: enough for steps, places and checks. */
const parts = [
  line('resistor-axial', 'R1 R2', ohm(470)),
  line('led-5mm', 'D1 D2', { kind: 'colour', colour: 'red' }),
];

const seat = (number: number, name: string): Seat => ({
  id: `00000000-0000-4000-8000-00000000010${number}`,
  number,
  name,
  token: `token-of-seat-${number}`,
  learnerId: name === '' ? null : `00000000-0000-4000-8000-00000000020${number}`,
  experience: 'new',
  partner: null,
});

const iron = { tip: 'chisel-16', celsius: 340, alloy: 'sn60pb40' } as const;

/** An evening that began half an hour ago, with three seats, the last of them without a name. */
export function eveningOf(changes: Partial<Workshop> = {}): Workshop {
  return {
    id: '00000000-0000-4000-8000-0000000000a1',
    title: 'A test evening',
    kitId: '00000000-0000-4000-8000-000000000001',
    kitName: 'Small Lamp',
    revision: 1,
    supplyVolt: 6,
    startsAt: new Date(Date.now() - 30 * 60_000).toISOString(),
    lengthMinutes: 120,
    setAside: null,
    parts,
    steps: withMinutes(planKit({ parts, supplyVolt: 6 }).steps),
    styles: ['lowest-first'],
    seats: [seat(1, 'Tern'), seat(2, 'Skua'), seat(3, '')],
    place: '',
    notes: '',
    aboutVersion: 1,
    version: 1,
    openedAt: null,
    seatAddress: 'http://bench.test',
    iron,
    heatTimes: heatTimesOf(iron),
    ...changes,
  };
}

export const noPaces: LearntPaces = {
  workshops: 0,
  count: 0,
  kinds: [],
  learners: [],
  spread: spreadBefore,
  trouble: noTrouble,
  widened: 1,
  judged: { count: 0, inRange: 0, inHalf: 0, minutesOff: null },
  conditions: null,
  conditionsVersion: 1,
};

export const instructor: SessionState = {
  ...signedOut,
  signedIn: true,
  accountId: 'a1',
  role: 'instructor',
  name: 'Ida',
};
export const helper: SessionState = {
  ...signedOut,
  signedIn: true,
  accountId: 'b1',
  role: 'helper',
  name: 'Knot',
  logsAs: 'Knot',
};

/** Shows a page of an evening, to whoever `staff` says; both are asked again when something is read anew. */
export const showEvening = (
  staff: () => SessionState,
  workshop: () => Workshop,
  page: RouteObject,
  at: string,
) =>
  showPage(
    [
      {
        id: 'staff',
        path: '/',
        loader: staff,
        children: [
          {
            id: 'workshop',
            path: 'workshops/:workshopId',
            loader: workshop,
            element: <WorkshopFrame />,
            children: [page],
          },
        ],
      },
    ],
    `/workshops/${workshop().id}/${at}`,
  );
