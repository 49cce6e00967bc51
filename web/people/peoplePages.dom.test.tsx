import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { erasePerson, getPerson, listPeople, type Person } from '#contract/people';
import type { Opportunity } from '#core/learning/builds';
import { estimatesOf } from '#core/learning/skillEstimates';
import { FakeServer } from '../testing/fakeServer.ts';
import { showPage } from '../testing/page.tsx';
import { loadPeople, PeoplePage } from './PeoplePage.tsx';
import { loadPerson, PersonPage } from './PersonPage.tsx';

const id = '00000000-0000-4000-8000-0000000000c1';
const opportunities: Opportunity[] = [];

let server: FakeServer;
let person: Person | undefined;
beforeEach(() => {
  server = new FakeServer();
  person = {
    id,
    name: 'Gannet',
    builds: 2,
    finished: 1,
    mistakes: 3,
    pace: { share: 1.25, count: 9 },
    skills: estimatesOf(opportunities),
    keepsPage: false,
    practised: 0,
    opportunities,
    evenings: [],
    ready: [
      {
        kitId: 'k1',
        kitName: 'Small Lamp',
        expected: 1.25,
        from: 0,
        to: 3.4,
        readiness: 'ready',
        practise: [],
      },
      {
        kitId: 'k2',
        kitName: 'Loud Buzzer',
        expected: 4.04,
        from: 1,
        to: 7.2,
        readiness: 'with-help',
        practise: ['polarity'],
      },
    ],
    practice: [],
    weaknesses: [],
  };
  server.on(listPeople, () => (person ? [person] : []));
  server.on(getPerson, () => person as Person);
});

const open = (at: string) =>
  showPage(
    [
      { path: '/people', loader: loadPeople, element: <PeoplePage /> },
      { path: '/people/:learnerId', loader: loadPerson, element: <PersonPage /> },
      { path: '/workshops/new', element: <h1>a workshop</h1> },
    ],
    at,
  );

describe('people', () => {
  it('who are nobody yet lead to a workshop', async () => {
    person = undefined;
    const router = open('/people');
    await userEvent
      .setup({ delay: null })
      .click(await screen.findByRole('link', { name: 'Plan workshop' }));
    expect(router.state.location.pathname).toBe('/workshops/new');
  });

  it('stand with boards, mistakes and pace; without times no pace is made up', async () => {
    open('/people');
    const row = await screen.findByRole('row', { name: /Gannet/ });
    const cells = within(row)
      .getAllByRole('cell')
      .map(({ textContent }) => textContent);
    expect(cells.slice(0, 3)).toEqual(['1 of 2', '3', '1.3']);
    person = { ...(person as Person), pace: null };
    open('/people');
    await waitFor(() => expect(screen.getAllByRole('row', { name: /Gannet/ })).toHaveLength(2));
    const second = screen.getAllByRole('row', { name: /Gannet/ })[1] as HTMLElement;
    expect(within(second).getAllByRole('cell')[2]?.textContent).toBe('–');
  });
});

describe('one person', () => {
  it('is told which kit comes next, what to expect of it, and what to practise', async () => {
    open(`/people/${id}`);
    const table = await screen.findByRole('table', { name: 'Ready for' });
    const rows = within(table)
      .getAllByRole('row')
      .slice(1)
      .map(({ textContent }) => textContent);
    expect(rows[0]).toMatch(/Small Lamp1\.3 \(0 to 3\)readynothing in particular/);
    expect(rows[1]).toMatch(/Loud Buzzer4\.0 \(1 to 7\)with help/);
    expect(rows[1]).not.toContain('nothing in particular');
  });

  it('is erased only after a question, and kept when that is left', async () => {
    let erased = 0;
    server.on(erasePerson, () => {
      erased += 1;
      person = undefined;
      return { erased: true };
    });
    const router = open(`/people/${id}`);
    const user = userEvent.setup({ delay: null });
    await user.click(await screen.findByRole('button', { name: 'Erase …' }));
    expect(screen.getByRole('dialog').textContent).toContain('cannot be undone');
    await user.click(screen.getByRole('button', { name: 'Cancel' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(erased).toBe(0);
    await user.click(screen.getByRole('button', { name: 'Erase …' }));
    await user.click(screen.getByRole('button', { name: 'Erase the name' }));
    expect(await screen.findByText(/Name erased/)).toBeTruthy();
    expect([erased, router.state.location.pathname]).toEqual([1, '/people']);
    expect(await screen.findByText('Nobody yet')).toBeTruthy();
  });
});
