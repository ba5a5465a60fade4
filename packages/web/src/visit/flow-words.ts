import { MONTHS } from '@water-clock/core/words';
import { shownAmount, type Quantity } from '../format/quantities';
import type { FlowAt } from './use-flows';

/** What a flow says of its station; `before`: when it was as usual last. */
export function flowWords(
  { verdict, lpm, usual }: FlowAt,
  before: string | undefined,
  unit: Quantity,
): string {
  if (verdict === 'first' || !usual)
    return 'The first that counts here: the next is held against it.';
  const amount = (si: number) => `${shownAmount(si, unit)} ${unit.label}`;
  if (verdict === 'usual')
    return `As usual: ${shownAmount(usual.from, unit)} to ${amount(usual.to)}.`;
  const since = before === undefined ? 'before' : `in ${monthOf(before)}`;
  return verdict === 'high'
    ? `${amount(lpm - usual.lpm)} more than ${since}. With nobody else drawing water it is a leak, a broken head, another nozzle, or more pressure.`
    : `${amount(usual.lpm - lpm)} less than ${since}: a clogged head or filter, a valve that is partly shut, another nozzle, or less pressure.`;
}

/** "All stations take 20 % more than they use to: that is the pressure." */
export function pressureWords(ratio: number): string {
  const percent = Math.round(Math.abs(ratio - 1) * 100);
  return `All stations take ${percent} % ${ratio > 1 ? 'more' : 'less'} than they use to: that is the pressure.`;
}

const monthOf = (moment: string): string => {
  const date = new Date(moment);
  return `${MONTHS[date.getMonth()]} ${date.getFullYear()}`;
};
