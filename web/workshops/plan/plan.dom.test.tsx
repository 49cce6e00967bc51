import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { getClosing } from '#contract/closing';
import { getPaces } from '#contract/pace';
import { getReadiness } from '#contract/readiness';
import { changeWorkshopRoom, getWorkshopRoom } from '#contract/roomPlan';
import type { SessionState } from '#contract/session';
import {
  type ChecklistSign,
  changeIron,
  changeSeating,
  getChecklist,
  renewLink,
  signChecklist,
  unsignChecklist,
  type Workshop,
} from '#contract/workshops';
import { heatTimesOf } from '#core/joint/heat/iron';
import { draftRoom, type RoomPlan } from '#core/pace/seating/roomPlan';
import { checklistOf } from '#core/safety/checklist';
import { eveningOf, helper, instructor, noPaces, showEvening } from '../../testing/evening.tsx';
import { FakeServer, Refused } from '../../testing/fakeServer.ts';
import { loadPlan, PlanPage } from './PlanPage.tsx';

interface Sent {
  readonly id: string;
  readonly name: string;
  readonly partner: number | null;
  readonly newLink?: boolean | undefined;
}

let server: FakeServer;
let workshop: Workshop;
let staff: SessionState;
let signs: ChecklistSign[];
beforeEach(() => {
  server = new FakeServer();
  workshop = eveningOf();
  staff = instructor;
  signs = [];
  server.on(getPaces, () => noPaces);
  server.on(getChecklist, () => signs);
  server.on(getReadiness, () => []);
  server.on(getClosing, () => ({ closedAt: null, linksEnd: false, nextTime: '', earlier: [] }));
  server.on(getWorkshopRoom, () => ({
    plan: draftRoom(workshop.seats.map(({ id }) => id)),
    version: 1,
  }));
});

async function open() {
  showEvening(
    () => staff,
    () => workshop,
    { path: 'plan', loader: loadPlan, element: <PlanPage /> },
    'plan',
  );
  await screen.findByRole('heading', { name: 'Before the doors open' });
  return userEvent.setup({ delay: null });
}
type User = ReturnType<typeof userEvent.setup>;

const nameField = (number: number) =>
  screen.getByRole<HTMLInputElement>('textbox', { name: `Name at seat ${number}` });
const rename = async (user: User, number: number, name: string) => {
  await user.clear(nameField(number));
  if (name !== '') await user.type(nameField(number), name);
};
const save = (user: User) => user.click(screen.getByRole('button', { name: 'Save the seats' }));

describe('who sits where', () => {
  let sent: readonly Sent[];
  beforeEach(() => {
    sent = [];
    server.on(changeSeating, ({ body }) => {
      sent = body.seats;
      workshop = {
        ...workshop,
        version: workshop.version + 1,
        seats: workshop.seats.map((seat, index) => ({ ...seat, ...body.seats[index] })),
      };
      return { version: workshop.version, seats: workshop.seats };
    });
  });

  it('a name that is corrected keeps its link, one of somebody else gets a new one', async () => {
    const user = await open();
    await rename(user, 1, 'Terne');
    const corrected = screen.getByRole<HTMLInputElement>('checkbox', { name: /Not Tern any more/ });
    expect(corrected.checked).toBe(false);
    await rename(user, 2, 'Nora');
    const other = screen.getByRole<HTMLInputElement>('checkbox', { name: /Not Skua any more/ });
    expect(other.checked).toBe(true);
    await save(user);
    expect(await screen.findByText(/1 seat has a new link: print the labels again/)).toBeTruthy();
    expect(sent.map(({ name, newLink }) => [name, newLink])).toEqual([
      ['Terne', false],
      ['Nora', true],
      ['', false],
    ]);
  });

  it('the guess about the link has the last word of whoever changes the name', async () => {
    const user = await open();
    await rename(user, 1, 'Terne');
    await user.click(screen.getByRole('checkbox', { name: /Not Tern any more/ }));
    await rename(user, 2, 'Nora');
    await user.click(screen.getByRole('checkbox', { name: /Not Skua any more/ }));
    await save(user);
    await waitFor(() => expect(sent.map(({ newLink }) => newLink)).toEqual([true, false, false]));
  });

  it('an empty seat keeps its link for whoever comes, and a seat that is left loses it', async () => {
    const user = await open();
    await rename(user, 3, 'Eider');
    expect(screen.queryByRole('checkbox', { name: /any more/ })).toBeNull();
    await rename(user, 1, '');
    expect(
      screen.getByRole<HTMLInputElement>('checkbox', { name: /Not Tern any more/ }).checked,
    ).toBe(true);
    await save(user);
    await waitFor(() =>
      expect(sent.map(({ name, newLink }) => [name, newLink])).toEqual([
        ['', true],
        ['Skua', false],
        ['Eider', false],
      ]),
    );
  });

  it('partners are each other’s, and nobody’s beside', async () => {
    const user = await open();
    await user.click(screen.getByLabelText('Beside seat 1'));
    await user.click(await screen.findByRole('option', { name: /2 Skua/ }));
    await user.click(screen.getByLabelText('Beside seat 3'));
    await user.click(await screen.findByRole('option', { name: /2 Skua/ }));
    await save(user);
    await waitFor(() => expect(sent.map(({ partner }) => partner)).toEqual([null, 3, 2]));
  });

  it('discards what was changed', async () => {
    const user = await open();
    await rename(user, 1, 'Nora');
    await user.click(screen.getByRole('button', { name: 'Discard changes' }));
    expect(nameField(1).value).toBe('Tern');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save the seats' }).disabled).toBe(
      true,
    );
  });

  it('where somebody else was first keeps what was typed and says what differs', async () => {
    server.on(changeSeating, () => {
      workshop = {
        ...workshop,
        version: 2,
        seats: workshop.seats.map((seat) => (seat.number === 2 ? { ...seat, name: 'Auk' } : seat)),
      };
      throw new Refused(409, 'Somebody else has changed who sits where.');
    });
    const user = await open();
    await rename(user, 1, 'Terne');
    await save(user);
    const told = await screen.findByText(/Somebody else has changed who sits where/);
    expect(told.textContent).toContain('Somebody else');
    expect(nameField(1).value).toBe('Terne');
  });
});

describe('links and codes', () => {
  it('a seat gets a new link by one press, and it is said that the old one ends', async () => {
    const asked: string[] = [];
    server.on(renewLink, ({ params }) => {
      asked.push(params.seatId);
      return { token: 'another' };
    });
    const user = await open();
    await user.click(screen.getByRole('button', { name: 'New link for seat 2, Skua' }));
    expect(
      await screen.findByText(/The old link no longer works; print the label again/),
    ).toBeTruthy();
    expect(asked).toEqual([workshop.seats[1]?.id]);
  });

  it('are shown to helpers only as they ask, and renewed by none of them', async () => {
    staff = helper;
    workshop = { ...workshop, seats: workshop.seats.map((seat) => ({ ...seat, token: null })) };
    await open();
    expect(screen.queryByRole('link', { name: /Open seat/ })).toBeNull();
    expect(screen.queryByRole('img', { name: /Code of seat/ })).toBeNull();
    expect(screen.getAllByRole('button', { name: 'Show the seat’s link' })).toHaveLength(3);
    expect(screen.queryByRole('button', { name: /New link/ })).toBeNull();
    expect(screen.queryByRole('heading', { name: 'Seating' })).toBeNull();
  });

  it('without a network for phones there are none, and the way there is shown', async () => {
    workshop = { ...workshop, seatAddress: null };
    await open();
    expect(screen.getByText(/Phones cannot join yet/)).toBeTruthy();
    expect(screen.queryByRole('img', { name: /Code of seat/ })).toBeNull();
    expect(screen.getByRole('link', { name: 'Print all (A4)' }).getAttribute('aria-disabled')).toBe(
      'true',
    );
  });
});

describe('the checklist', () => {
  const lines = () => checklistOf(workshop).length;
  beforeEach(() => {
    server.on(signChecklist, ({ params: { item }, body }) => {
      const at = '2026-03-05T18:00:00.000Z';
      signs = [...signs, { item, by: body.by, account: 'Ida', at }];
      return signs;
    });
    server.on(unsignChecklist, ({ params: { item } }) => {
      signs = signs.filter((sign) => sign.item !== item);
      return signs;
    });
  });

  it('is signed line by line or at once, and says when all of it is', async () => {
    const user = await open();
    expect(screen.getByText(new RegExp(`0 of ${lines()} lines are signed`))).toBeTruthy();
    await user.type(screen.getByLabelText('Checked by'), 'Eider');
    const section = screen.getByRole('region', { name: 'Before the doors open' });
    const [first] = within(section).getAllByRole('checkbox');
    if (first) await user.click(first);
    expect(await screen.findByText(new RegExp(`1 of ${lines()} lines are signed`))).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'I have checked all of them' }));
    expect(
      await screen.findByText(`All ${lines()} lines are signed.`, { exact: false }),
    ).toBeTruthy();
    expect(signs).toHaveLength(lines());
    // The name is not that of the device: both are told.
    expect(screen.getAllByText(/Eider \(on Ida’s device\)/).length).toBe(lines());
    if (first) await user.click(first);
    expect(await screen.findByText(new RegExp(`${lines() - 1} of`))).toBeTruthy();
  });

  it('without a name says so and signs nothing', async () => {
    server.on(signChecklist, () => {
      throw new Refused(422, 'Write the name of whoever has looked.');
    });
    const user = await open();
    await user.click(screen.getByRole('button', { name: 'I have checked all of them' }));
    expect(await screen.findByText('Write the name of whoever has looked.')).toBeTruthy();
    expect(signs).toEqual([]);
  });
});

describe('iron and solder', () => {
  const section = () => screen.getByRole('region', { name: 'Iron and solder' });

  it('changes the seconds of heat at once', async () => {
    server.on(changeIron, ({ body }) => {
      workshop = { ...workshop, iron: body, heatTimes: heatTimesOf(body) };
      return { iron: body, heatTimes: workshop.heatTimes };
    });
    const user = await open();
    const before = section().querySelector('table')?.textContent;
    await user.click(within(section()).getByRole('combobox', { name: 'Tip' }));
    const options = await screen.findAllByRole('option');
    const last = options.at(-1);
    if (last) await user.click(last);
    await waitFor(() => expect(section().querySelector('table')?.textContent).not.toBe(before));
  });

  it('that the server refuses stays as it was, and says why', async () => {
    server.on(changeIron, () => {
      throw new Refused(422, 'Irons are set to 450 °C or less.');
    });
    const user = await open();
    const solder = () => within(section()).getByRole('combobox', { name: 'Solder' });
    const before = solder().textContent;
    await user.click(solder());
    const last = (await screen.findAllByRole('option')).at(-1);
    if (last) await user.click(last);
    expect(await screen.findByText('Irons are set to 450 °C or less.')).toBeTruthy();
    await waitFor(() => expect(solder().textContent).toBe(before));
  });
});

describe('the room', () => {
  it('moves what is tapped to where is tapped next, and takes what all share', async () => {
    const plans: RoomPlan[] = [];
    server.on(changeWorkshopRoom, ({ body: { plan } }) => {
      plans.push(plan);
      return { plan, version: plans.length + 1 };
    });
    const user = await open();
    await user.click(await screen.findByRole('button', { name: '1 Tern, row 2, place 1' }));
    await user.click(screen.getByRole('button', { name: 'Free: row 1, place 5' }));
    await screen.findByRole('button', { name: '1 Tern, row 1, place 5' });
    await user.type(screen.getByLabelText('Shared tool or place'), 'Sink');
    await user.click(screen.getByRole('button', { name: 'Add to plan' }));
    const sink = await screen.findByRole('button', { name: 'Sink, row 1, place 1' });
    const remove = screen.getByRole<HTMLButtonElement>('button', { name: 'Remove from plan' });
    expect(remove.disabled).toBe(true);
    await user.click(sink);
    await user.click(remove);
    await waitFor(() => expect(screen.queryByText('Sink')).toBeNull());
    expect(plans).toHaveLength(3);
  });

  it('what is drawn while a change goes out is kept, and goes out after it', async () => {
    const sent: { plan: RoomPlan; version: number }[] = [];
    let answerFirst = () => {};
    server.on(changeWorkshopRoom, async ({ body }) => {
      sent.push(body);
      if (sent.length === 1) await new Promise<void>((resolve) => (answerFirst = resolve));
      return { plan: body.plan, version: body.version + 1 };
    });
    const user = await open();
    await user.click(await screen.findByRole('button', { name: '1 Tern, row 2, place 1' }));
    await user.click(screen.getByRole('button', { name: 'Free: row 1, place 5' }));
    await user.type(screen.getByLabelText('Shared tool or place'), 'Sink');
    await user.click(screen.getByRole('button', { name: 'Add to plan' }));
    await screen.findByRole('button', { name: 'Sink, row 1, place 1' });
    expect(sent).toHaveLength(1);
    answerFirst();
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1]?.version).toBe((sent[0]?.version ?? 0) + 1);
    await screen.findByRole('button', { name: 'Sink, row 1, place 1' });
    await screen.findByRole('button', { name: '1 Tern, row 1, place 5' });
  });

  it('is only looked at by helpers', async () => {
    staff = helper;
    await open();
    await screen.findByText('Front of the room');
    expect(screen.queryByRole('button', { name: /row 2, place 1/ })).toBeNull();
  });
});

describe('what earlier workshops left', () => {
  it('stands on the plan', async () => {
    server.on(getClosing, () => ({
      closedAt: null,
      linksEnd: false,
      nextTime: '',
      earlier: [
        {
          workshopId: '00000000-0000-4000-8000-0000000000e1',
          title: 'Last winter',
          startsAt: '2026-01-08T18:30:00Z',
          revision: 1,
          seats: 6,
          nextTime: 'Start with the transistor.',
        },
      ],
    }));
    await open();
    screen.getByRole('link', { name: 'Last winter' });
    screen.getByText('Start with the transistor.');
  });
});
