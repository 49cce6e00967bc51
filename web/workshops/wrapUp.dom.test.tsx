import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { type Closing, closeEvening, getClosing, writeNextTime } from '#contract/closing';
import { getPacking, type Packing, returnBags } from '#contract/packing';
import { getWorkshopLog, logAtSeat, type Workshop } from '#contract/workshops';
import type { BuildEvent } from '#core/build/event';
import { eveningOf, instructor, showEvening } from '../testing/evening.tsx';
import { FakeServer, Refused } from '../testing/fakeServer.ts';
import { formFormat, siteTime } from './siteTime.ts';
import { loadWrapUp, WrapUpPage } from './WrapUpPage.tsx';

let server: FakeServer;
let workshop: Workshop;
let closing: Closing;
let packing: Packing;
let log: BuildEvent[];
beforeEach(() => {
  server = new FakeServer();
  workshop = eveningOf();
  closing = { closedAt: null, linksEnd: false, nextTime: '', earlier: [] };
  packing = { ticked: [], bookedAt: null, bagsOut: 0, missing: 0 };
  log = [];
  server.on(getWorkshopLog, () => ({
    events: log.map((event, index) => ({ seq: index + 1, event })),
    now: workshop.startsAt,
  }));
  server.on(getClosing, () => closing);
  server.on(getPacking, () => packing);
  server.on(logAtSeat, ({ body }) => {
    log.push(...body.events.map((event) => ({ ...event, by: 'instructor' as const })));
    return { accepted: body.events.map(({ id }) => id), now: workshop.startsAt };
  });
});

const seatId = () => workshop.seats[0]?.id ?? '';
const stepId = (index: number) => workshop.steps[index]?.id ?? '';
const at = (minute: number) =>
  new Date(Date.parse(workshop.startsAt) + minute * 60_000).toISOString();
const place = () => {
  const [step] = workshop.steps;
  return step && step.kind !== 'check' ? (step.parts[0]?.designators[0] ?? '') : '';
};
const mistake = (): BuildEvent => ({
  kind: 'mistake',
  mistake: 'wrong-value',
  stepId: stepId(0),
  designator: place(),
  id: '00000000-0000-7000-8000-000000000001',
  seatId: seatId(),
  at: at(10),
  by: 'learner',
});

async function open() {
  showEvening(
    () => instructor,
    () => workshop,
    { path: 'wrap-up', loader: loadWrapUp, element: <WrapUpPage /> },
    'wrap-up',
  );
  await screen.findByRole('heading', { name: 'After the evening' });
  return userEvent.setup({ delay: null });
}

describe('the end of an evening', () => {
  beforeEach(() => {
    log.push(mistake());
  });

  it('is closed and opened again, and says until when its links open', async () => {
    const sent: object[] = [];
    server.on(closeEvening, ({ body }) => {
      sent.push(body);
      closing = { ...closing, closedAt: body.isClosed ? at(120) : null, linksEnd: body.linksEnd };
      return closing;
    });
    const user = await open();
    await user.click(screen.getByRole('checkbox', { name: /End the links now/ }));
    await user.click(screen.getByRole('button', { name: 'Close evening' }));
    await screen.findByText(/The seats are locked and their links have ended\./);
    await user.click(screen.getByRole('button', { name: 'Open seats again' }));
    await screen.findByRole('button', { name: 'Close evening' });
    expect(sent).toEqual([
      { isClosed: true, linksEnd: true },
      { isClosed: false, linksEnd: false },
    ]);
  });

  it('keeps what to change next time, and what was typed where somebody else was first', async () => {
    server.on(writeNextTime, () => {
      throw new Refused(409, 'Somebody else was first');
    });
    const user = await open();
    const field = screen.getByLabelText('What to change next time');
    await user.type(field, 'More light');
    await user.click(screen.getByRole('button', { name: 'Save note' }));
    await screen.findByRole('alert');
    expect((field as HTMLTextAreaElement).value).toBe('More light');
    server.on(writeNextTime, ({ body }) => ({ ...closing, nextTime: body.text }));
    await user.click(screen.getByRole('button', { name: 'Save note' }));
    await waitFor(() =>
      expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save note' }).disabled).toBe(
        true,
      ),
    );
  });

  it('says what was used up, and puts unopened bags back', async () => {
    packing = { ...packing, bookedAt: at(-60), bagsOut: 8, missing: 2 };
    server.on(returnBags, ({ body }) => ({ ...packing, bagsOut: 8 - body.unopened }));
    const user = await open();
    const used = screen.getByRole('region', { name: 'What was used up' });
    within(used).getByText(/No spare parts were handed out/);
    await user.clear(within(used).getByLabelText('Bags that nobody opened'));
    await user.type(within(used).getByLabelText('Bags that nobody opened'), '3');
    await user.click(within(used).getByRole('button', { name: /back/ }));
    await waitFor(() => expect(used.textContent).toMatch(/5 bags/));
  });
});

describe('another record', () => {
  it('is deleted, with a trace of what it was', async () => {
    const { seatId, at, by } = mistake();
    const id = '00000000-0000-7000-8000-0000000000bb';
    log.push({ kind: 'note', text: 'Sat at the window', id, seatId, at, by });
    const user = await open();
    await user.click(screen.getByText('Other records (1)'));
    await user.click(screen.getByRole('button', { name: /^Delete: Note: Sat at the window/ }));
    await screen.findByText(/^Deleted \(instructor, .*Note: Sat at the window/);
    expect(log.at(-1)).toMatchObject({ kind: 'undo' });
    expect(screen.queryByText(/^Other records/)).toBeNull();
  });

  it('is corrected: words and time of a note, with a trace of what was first', async () => {
    const { seatId, by } = mistake();
    const id = '00000000-0000-7000-8000-0000000000bb';
    log.push({ kind: 'note', text: 'Sat at the window', id, seatId, at: at(-200), by });
    const user = await open();
    await user.click(screen.getByText('Other records (1)'));
    await user.click(screen.getByRole('button', { name: /^Correct: Note: Sat at the window/ }));
    const dialog = await screen.findByRole('dialog', { name: 'Correct a record' });
    const field = within(dialog).getByLabelText('Note');
    await user.clear(field);
    await user.click(within(dialog).getByRole('button', { name: 'Save correction' }));
    await within(dialog).findByText('Write the note.');
    await user.type(field, 'Sat at the door');
    await user.click(within(dialog).getByRole('button', { name: 'Save correction' }));
    await screen.findByText(
      /^Corrected \(instructor, .*Logged first: \d\d:\d\d Note: Sat at the window/,
    );
    screen.getByText(/Note: Sat at the door/);
    expect(log.at(-1)).toMatchObject({
      kind: 'amended',
      amends: id,
      deed: { kind: 'note', text: 'Sat at the door' },
      happenedAt: at(-200),
    });
  });
});

describe('the end of a visit', () => {
  it('is corrected, and leaves a trace of the visit as it was', async () => {
    const { seatId } = mistake();
    const by = 'instructor' as const;
    const visit = '00000000-0000-7000-8000-0000000000c1';
    const end = '00000000-0000-7000-8000-0000000000c2';
    log.push({ kind: 'visit', answers: [], id: visit, seatId, at: at(-60), by });
    log.push({ kind: 'visit-ended', visit, id: end, seatId, at: at(-56), by });
    const user = await open();
    await user.click(screen.getByText('Other records (1)'));
    await user.click(screen.getByRole('button', { name: /^Correct: Visit, 4 min/ }));
    const dialog = await screen.findByRole('dialog', { name: 'Correct a record' });
    fireEvent.change(within(dialog).getByLabelText('Until'), {
      target: { value: siteTime(at(-53)).format(formFormat) },
    });
    await user.click(within(dialog).getByRole('button', { name: 'Save correction' }));
    await screen.findByText(/^Corrected \(instructor, .*Logged first: \d\d:\d\d Visit, 4 min/);
    expect(log.at(-1)).toMatchObject({ kind: 'amended', amends: end });
  });
});

describe('a mistake that was logged wrongly', () => {
  beforeEach(() => {
    log.push(mistake());
  });

  it('is corrected, with a trace of what was logged first', async () => {
    const user = await open();
    await user.click(screen.getByRole('button', { name: /^Correct: Wrong value/ }));
    const dialog = await screen.findByRole('dialog', { name: 'Correct a mistake' });
    await user.click(within(dialog).getByLabelText('What went wrong'));
    await user.click(await screen.findByRole('option', { name: 'Dry joint' }));
    await user.click(within(dialog).getByRole('button', { name: 'Save correction' }));
    await screen.findByText(/^Corrected \(instructor, .*Logged first: Wrong value/);
    screen.getByText(new RegExp(`^Dry joint ${place()}`));
    expect(log.at(-1)).toMatchObject({
      kind: 'corrected',
      corrects: mistake().id,
      mistake: 'dry-joint',
      designator: place(),
    });
  });

  it('is deleted, with a trace', async () => {
    const user = await open();
    await user.click(screen.getByRole('button', { name: /^Delete: Wrong value/ }));
    await screen.findByText(/^Deleted \(instructor, .*Wrong value/);
    expect(screen.queryByRole('button', { name: /^Correct: / })).toBeNull();
  });
});
