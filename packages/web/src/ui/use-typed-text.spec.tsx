/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useState } from 'react';
import { useTypedText } from './use-typed-text';

/** A field of whole minutes, over a value that is kept elsewhere. */
function useMinutes(onReadable?: (isReadable: boolean) => void) {
  const [minutes, setMinutes] = useState<number | null>(15);
  const field = useTypedText({
    shown: minutes === null ? '' : String(minutes),
    take: (text) => {
      if (text === '') setMinutes(null);
      else if (/^\d+$/.test(text)) setMinutes(Number(text));
      else return 'These are no minutes.';
      return null;
    },
    hold: () => () => setMinutes(minutes),
    onReadable,
  });
  return { ...field, minutes };
}

const opened = (onReadable?: (isReadable: boolean) => void) => {
  const { result } = renderHook(() => useMinutes(onReadable));
  act(() => result.current.enter());
  const type = (...texts: string[]) => {
    for (const text of texts) act(() => result.current.type(text));
  };
  return { result, type };
};

it('takes effect as it is typed, and stands as it was typed until the field is left', () => {
  const { result, type } = opened();
  type('0', '02', '020');
  expect(result.current).toMatchObject({ minutes: 20, text: '020', isTyped: true, fault: null });
  act(() => result.current.leave());
  expect(result.current).toMatchObject({ minutes: 20, text: '20', isTyped: false });
});

it('keeps what cannot be read in its place with a sentence, and in effect what was there before', () => {
  const { result, type } = opened();
  type('2', '', 'x');
  const kept = { minutes: 15, text: 'x', fault: 'These are no minutes.' };
  expect(result.current).toMatchObject(kept);
  act(() => result.current.leave());
  expect(result.current).toMatchObject(kept);
});

it('remembers what was in effect before the nonsense when the field is entered again', () => {
  const { result, type } = opened();
  type('x');
  act(() => result.current.leave());
  act(() => result.current.enter());
  type('3', 'xx');
  expect(result.current).toMatchObject({ minutes: 15, text: 'xx' });
  type('30');
  expect(result.current).toMatchObject({ minutes: 30, fault: null });
});

it('brings back what stood there when it was entered', () => {
  const { result, type } = opened();
  type('4', '45');
  act(() => result.current.restore());
  expect(result.current).toMatchObject({ minutes: 15, text: '15', isTyped: false });
  type('x');
  act(() => result.current.restore());
  expect(result.current).toMatchObject({ minutes: 15, text: '15', fault: null });
});

it('tells once when it can no longer be read, and once when it can again', () => {
  const heard: boolean[] = [];
  const { result, type } = opened((isReadable) => heard.push(isReadable));
  type('20', 'x', 'xx', '3', '30');
  expect(heard).toEqual([false, true]);
  type('y');
  act(() => result.current.forget());
  expect(heard).toEqual([false, true, false, true]);
  expect(result.current).toMatchObject({ text: '15', fault: null });
});
