/** @jest-environment jsdom */
import '../testing/in-app';
import { act, renderHook } from '@testing-library/react';
import type { SimulatorCommand } from '../api/simulator';
import { usePresses } from './use-presses';

it('no press is lost or sent twice, and their order is kept, however slow the line', async () => {
  const sent: string[] = [];
  const answers: (() => void)[] = [];
  const command = (one: SimulatorCommand) => {
    if (one.command === 'press') sent.push(`${one.button} ${one.times}`);
    return new Promise<boolean>((resolve) => answers.push(() => resolve(true)));
  };
  const { result } = renderHook(() => usePresses(command));
  const answerNext = () =>
    act(async () => {
      answers.shift()?.();
      await Promise.resolve();
    });
  const { press } = result.current;
  void press('plus', 1);
  void press('plus', 1);
  void press('plus', 5);
  void press('minus', 1);
  void press('plus', 1);
  expect(sent).toEqual(['plus 1']);
  await answerNext();
  expect(sent).toEqual(['plus 1', 'plus 6']);
  void press('plus', 1);
  await answerNext();
  await answerNext();
  expect(sent).toEqual(['plus 1', 'plus 6', 'minus 1', 'plus 2']);
  await answerNext();
  void press('forth', 1);
  expect(sent.at(-1)).toBe('forth 1');
});
