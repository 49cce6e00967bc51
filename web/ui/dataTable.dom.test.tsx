import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { showPage } from '../testing/page.tsx';
import { type Column, DataTable } from './DataTable.tsx';

interface Tool {
  readonly name: string;
  readonly count: number;
}

const tools: readonly Tool[] = [
  { name: 'Tweezers', count: 4 },
  { name: 'Iron', count: 12 },
  { name: 'Side cutter', count: 7 },
];
const columns: readonly Column<Tool>[] = [
  { id: 'name', head: 'Tool', isName: true, by: ({ name }) => name, cell: ({ name }) => name },
  {
    id: 'count',
    head: 'Count',
    isNumber: true,
    canBeHidden: true,
    by: ({ count }) => count,
    cell: ({ count }) => count,
  },
];

let done: string[];

beforeEach(() => {
  localStorage.clear();
  done = [];
});

const open = () =>
  showPage(
    [
      {
        path: '/tools',
        element: (
          <DataTable
            name="Tools"
            columns={columns}
            rows={tools}
            keyOf={({ name }) => name}
            keptAs="tools"
            find={{ label: 'Find', wordsOf: ({ name }) => name, none: 'There is none.' }}
            bulk={{
              nameOf: ({ name }) => name,
              actions: (chosen, forget) => (
                <button
                  type="button"
                  onClick={() => {
                    done = chosen.map(({ name }) => name);
                    forget();
                  }}
                >
                  Lend
                </button>
              ),
            }}
          />
        ),
      },
    ],
    '/tools',
  );
const names = () => screen.getAllByRole('rowheader').map(({ textContent }) => textContent);

describe('the table of things', () => {
  it('finds a row by its words, and says where there is none', async () => {
    const user = userEvent.setup();
    open();
    await user.type(await screen.findByLabelText('Find'), 'CUT');
    expect(names()).toEqual(['Side cutter']);
    await user.type(screen.getByLabelText('Find'), 'x');
    screen.getByText('There is none.');
  });

  it('sorts figures as figures', async () => {
    const user = userEvent.setup();
    open();
    await user.click(await screen.findByRole('button', { name: /Count/ }));
    expect(names()).toEqual(['Tweezers', 'Side cutter', 'Iron']);
  });

  it('leaves a column out, also after the page was closed', async () => {
    const user = userEvent.setup();
    open();
    await user.click(await screen.findByText('Columns'));
    await user.click(screen.getByRole('checkbox', { name: 'Count' }));
    expect(screen.queryByRole('columnheader', { name: /Count/ })).toBeNull();
    cleanup();
    open();
    await screen.findByRole('table');
    expect(screen.queryByRole('columnheader', { name: /Count/ })).toBeNull();
  });

  it('does something with the rows that are chosen, of those in sight', async () => {
    const user = userEvent.setup();
    open();
    await user.click(await screen.findByRole('checkbox', { name: 'Choose all rows' }));
    await user.click(screen.getByRole('checkbox', { name: 'Choose Iron' }));
    const bar = screen.getByRole('region', { name: 'With the chosen rows' });
    within(bar).getByText('2 rows chosen');
    await user.type(screen.getByLabelText('Find'), 'tw');
    await user.click(within(bar).getByRole('button', { name: 'Lend' }));
    expect(done).toEqual(['Tweezers']);
    expect(screen.queryByRole('region', { name: 'With the chosen rows' })).toBeNull();
  });
});
