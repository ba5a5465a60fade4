/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { CellInput } from './cell-input';

/** Two rows of two cells that take whole numbers, and what they hold. */
function Sheet({ told }: { told: string[] }) {
  const [held, setHeld] = useState(['10', '20', '30', '40']);
  return (
    <table>
      <tbody>
        {[0, 1].map((row) => (
          <tr key={row}>
            {[0, 1].map((column) => {
              const at = row * 2 + column;
              return (
                <td key={column}>
                  <CellInput
                    label={`cell ${at}`}
                    field={`cell ${at}`}
                    text={held[at]!}
                    {...{ row, column }}
                    onType={(text, key) => {
                      if (!/^\d+$/.test(text)) return 'A whole number';
                      told.push(key);
                      setHeld((before) => before.map((old, index) => (index === at ? text : old)));
                      return null;
                    }}
                  />
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const cell = (at: number) => screen.getByRole<HTMLInputElement>('textbox', { name: `cell ${at}` });
const values = () => [0, 1, 2, 3].map((at) => cell(at).value);

function open() {
  const told: string[] = [];
  render(<Sheet told={told} />);
  return { told, user: userEvent.setup() };
}

it('takes what can be read as it is typed, over what it held, and one visit is one step', async () => {
  const { told, user } = open();
  await user.click(cell(0));
  await user.keyboard('15');
  expect(values()).toEqual(['15', '20', '30', '40']);
  expect(new Set(told).size).toBe(1);
  await user.click(cell(1));
  await user.click(cell(0));
  await user.keyboard('6');
  expect(new Set(told).size).toBe(2);
});

it('says what cannot be read at its place, changes nothing, and keeps it there until it is mended', async () => {
  const { user } = open();
  await user.click(cell(0));
  await user.keyboard('1x');
  expect(cell(0)).toHaveProperty('value', '1x');
  expect(screen.getByRole('alert').textContent).toBe('A whole number');
  expect(cell(0).getAttribute('aria-invalid')).toBe('true');
  expect(cell(0).getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
  await user.click(cell(3));
  expect(values()).toEqual(['1x', '20', '30', '40']);
  expect(screen.getByRole('alert').textContent).toBe('A whole number');
  // Come back to, and left by Escape, it is what it was before the nonsense.
  await user.click(cell(0));
  await user.keyboard('{Escape}');
  expect(values()).toEqual(['10', '20', '30', '40']);
  expect(screen.queryByRole('alert')).toBeNull();
});

it('takes what mends it', async () => {
  const { user } = open();
  await user.click(cell(0));
  await user.keyboard('1x');
  await user.click(cell(3));
  await user.click(cell(0));
  await user.keyboard('12');
  await user.click(cell(3));
  expect(values()).toEqual(['12', '20', '30', '40']);
  expect(screen.queryByRole('alert')).toBeNull();
});

it('Escape brings the old value back, though some of it was taken on the way', async () => {
  const { user } = open();
  await user.click(cell(1));
  await user.keyboard('99');
  expect(values()[1]).toBe('99');
  await user.keyboard('{Escape}');
  expect(values()).toEqual(['10', '20', '30', '40']);
});

it('goes on to the next cell by Enter and the arrows, and stays inside a text while it is gone through', async () => {
  const { user } = open();
  await user.click(cell(0));
  await user.keyboard('{Enter}');
  expect(document.activeElement).toBe(cell(2));
  await user.keyboard('{Shift>}{Enter}{/Shift}');
  expect(document.activeElement).toBe(cell(0));
  await user.keyboard('{ArrowRight}');
  expect(document.activeElement).toBe(cell(1));
  await user.keyboard('{ArrowDown}');
  expect(document.activeElement).toBe(cell(3));
  cell(3).setSelectionRange(1, 1);
  await user.keyboard('{ArrowLeft}');
  expect(document.activeElement).toBe(cell(3));
});
