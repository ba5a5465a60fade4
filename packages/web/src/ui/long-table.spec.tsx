/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { LongTable } from './long-table';

interface Row {
  readonly id: string;
}

const COLUMNS = [{ title: 'Name', cell: ({ id }: Row) => <strong>{id}</strong> }];

// There is no layout here: a window of 800 px, and rows of 72.
beforeAll(() => {
  for (const height of ['clientHeight', 'offsetHeight'])
    Object.defineProperty(HTMLElement.prototype, height, {
      get(this: HTMLElement) {
        return this.tagName === 'MAIN' ? 800 : 72;
      },
    });
});

function shown(total: number, rowAt: (index: number) => Row | undefined) {
  const seen: (readonly [number, number])[] = [];
  render(
    <main>
      <LongTable
        {...{ label: 'Homes', columns: COLUMNS, total, rowAt }}
        keyOf={({ id }) => id}
        nothing="No home is so."
        onSeen={(first, last) => seen.push([first, last])}
      />
    </main>,
  );
  return seen;
}

it('of thousands of rows those in sight are there, and are said to be of so many', () => {
  const seen = shown(10_000, (index) => ({ id: `home ${index}` }));
  const names = screen.getAllByText(/^home /).map(({ textContent }) => textContent);
  expect(names.length).toBeGreaterThan(5);
  expect(names.length).toBeLessThan(60);
  expect(names[0]).toBe('home 0');
  expect(seen.at(-1)).toEqual([0, names.length - 1]);
  expect(screen.getByRole('table').getAttribute('aria-rowcount')).toBe('10001');
  const [, first] = screen.getAllByRole('row');
  expect(first!.getAttribute('aria-rowindex')).toBe('2');
});

it('has a place for rows that have not come yet', () => {
  shown(3, (index) => (index === 1 ? undefined : { id: `home ${index}` }));
  expect(screen.getAllByRole('row').map(({ textContent }) => textContent)).toEqual([
    ...['Name', 'home 0', '…', 'home 2'],
  ]);
});

it('says that there is nothing', () => {
  shown(0, () => undefined);
  expect(screen.getByText('No home is so.')).toBeTruthy();
});
