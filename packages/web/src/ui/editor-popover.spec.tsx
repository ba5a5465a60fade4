/** @jest-environment jsdom */
import { aroundScreens } from '../testing/in-app';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { EditorPopover } from './editor-popover';
import { NumberInput } from './number-input';

const Held = () => {
  const [value, setValue] = useState(12);
  return (
    <EditorPopover
      title="How often"
      content={(close) => (
        <>
          <NumberInput
            label="Hours"
            least={1}
            most={168}
            isWhole
            {...{ value }}
            onChange={setValue}
          />
          <button onClick={close}>Done</button>
        </>
      )}
    >
      <button>Every {value} hours</button>
    </EditorPopover>
  );
};

const isOpen = () => {
  const popover = document.querySelector('.ant-popover');
  return popover !== null && !popover.classList.contains('ant-popover-hidden');
};
const type = (text: string) =>
  fireEvent.change(screen.getByLabelText('Hours'), { target: { value: text } });

it('stays open over a field that cannot be read, with the cursor in it, and closes once it can', () => {
  jest.useFakeTimers();
  const settle = () =>
    act(() => {
      jest.runAllTimers();
    });
  render(<Held />, { wrapper: aroundScreens().wrapper });
  fireEvent.click(screen.getByText('Every 12 hours'));
  settle();
  fireEvent.focus(screen.getByLabelText('Hours'));
  type('often');
  fireEvent.click(screen.getByText('Done'));
  fireEvent.mouseDown(document.body);
  settle();
  expect(isOpen()).toBe(true);
  expect(document.activeElement).toBe(screen.getByLabelText('Hours'));
  type('8');
  fireEvent.click(screen.getByText('Done'));
  settle();
  expect([isOpen(), screen.queryByText('Every 8 hours') !== null]).toEqual([false, true]);
  jest.useRealTimers();
});
