/** @jest-environment jsdom */
import '../testing/in-app';
import { createEvent, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CellInput } from './cell-input';
import { Said } from './said';
import { useCellRange } from './use-cell-range';

/** Three rows of two columns; the last row has no second cell. */
function Sheet() {
  const range = useCellRange();
  return (
    <>
      <table {...range}>
        <tbody>
          {[0, 1, 2].map((row) => (
            <tr key={row}>
              {[0, 1].map((column) => (
                <td key={column}>
                  {(row < 2 || column === 0) && (
                    <CellInput
                      label={`${row} ${column}`}
                      field={`${row} ${column}`}
                      text={`v${row}${column}`}
                      row={row}
                      column={column}
                      onType={() => null}
                    />
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <Said />
    </>
  );
}

const cell = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
const marked = () =>
  [...document.querySelectorAll('td[data-in-range] input')].map((input) =>
    input.getAttribute('aria-label'),
  );

/** What lies on the clipboard after a copy; null: the browser's own copy has its way. */
function copied(): string | null {
  let text: string | null = null;
  const target = document.activeElement!;
  const event = createEvent.copy(target, {
    clipboardData: { setData: (_: string, data: string) => (text = data) },
  });
  fireEvent(target, event);
  return text;
}

let user: ReturnType<typeof userEvent.setup>;
beforeEach(() => {
  user = userEvent.setup();
  render(<Sheet />);
});

it('Shift and arrows select a range from the cell with the focus, which is copied row by row', async () => {
  await user.click(cell('0 1'));
  expect(copied()).toBeNull();
  await user.keyboard('{Shift>}{ArrowDown}{ArrowLeft}{/Shift}');
  expect(marked()).toEqual(['0 0', '0 1', '1 0', '1 1']);
  expect(document.activeElement).toBe(cell('0 1'));
  expect(screen.getByRole('log').textContent).toBe('2 rows, 2 columns selected');
  expect(copied()).toBe('v00\tv01\nv10\tv11');
  // Over the edge there is nothing to select.
  await user.keyboard('{Shift>}{ArrowLeft}{/Shift}');
  expect(marked()).toHaveLength(4);
});

it('Shift and a click select up to a cell; where there is none, the place is empty', async () => {
  await user.click(cell('0 1'));
  await user.keyboard('{Shift>}');
  await user.click(cell('2 0'));
  await user.keyboard('{/Shift}');
  expect(marked()).toEqual(['0 0', '0 1', '1 0', '1 1', '2 0']);
  expect(copied()).toBe('v00\tv01\nv10\tv11\nv20\t');
});

it('going on, typing, Escape or leaving the table ends the range', async () => {
  for (const end of ['{ArrowDown}', 'x', '{Escape}', '{Tab}']) {
    await user.click(cell('0 0'));
    await user.keyboard('{Shift>}{ArrowDown}{/Shift}');
    expect(marked()).toEqual(['0 0', '1 0']);
    await user.keyboard(end);
    expect(marked()).toEqual([]);
  }
});

it('within a cell in which something is typed, Shift and an arrow select letters', async () => {
  await user.click(cell('0 0'));
  await user.keyboard('abc{Shift>}{ArrowLeft}{/Shift}');
  expect(marked()).toEqual([]);
});
