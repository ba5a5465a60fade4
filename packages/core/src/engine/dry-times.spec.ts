import fc from 'fast-check';
import { parseDateTime } from '../civil-time/index.js';
import { hoursLengthSeconds, hoursWithin, merged, outside, type Span } from './dry-times.js';

const at = (text: string) => parseDateTime(`2026-06-${text}:00`)!;
const span = (from: string, to: string): Span => ({ from: at(from), to: at(to) });

const anySpan = fc
  .tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 20 }))
  .map(([from, length]) => ({ from, to: from + length }) as Span);

const seconds = (spans: readonly Span[]) => {
  const inside = new Set<number>();
  for (const { from, to } of spans)
    for (let second: number = from; second < to; second++) inside.add(second);
  return inside;
};

it('merges spans into as few as hold the same time', () => {
  fc.assert(
    fc.property(fc.array(anySpan), (spans) => {
      const result = merged(spans);
      expect(seconds(result)).toEqual(new Set([...seconds(spans)].sort((a, b) => a - b)));
      result
        .slice(1)
        .forEach((next, index) => expect(next.from).toBeGreaterThan(result[index]!.to));
    }),
  );
});

it('leaves of a span just what lies outside the dry times', () => {
  fc.assert(
    fc.property(anySpan, fc.array(anySpan), (piece, spans) => {
      const dry = seconds(spans);
      const expected = [...seconds([piece])].filter((second) => !dry.has(second));
      expect([...seconds(outside(piece, merged(spans)))]).toEqual(expected);
    }),
  );
});

it('takes hours that end before they begin over midnight, and equal ones for a whole day', () => {
  expect(hoursLengthSeconds({ from: '23:00', to: '01:00' })).toBe(7200);
  expect(hoursLengthSeconds({ from: '09:30', to: '17:00' })).toBe(27_000);
  expect(hoursLengthSeconds({ from: '06:00', to: '06:00' })).toBe(86_400);
});

it('finds every span that reaches in, by the weekday on which it begins', () => {
  // 5 June 2026 is a Friday.
  const hours = [{ from: '23:00', to: '01:00', weekdays: [5] }];
  expect(hoursWithin(hours, span('06T00:30', '06T12:00'))).toEqual([span('05T23:00', '06T01:00')]);
  expect(hoursWithin(hours, span('06T01:00', '06T12:00'))).toEqual([]);
  expect(hoursWithin(hours, span('05T12:00', '05T23:00'))).toEqual([]);
  const allDay = [{ from: '06:00', to: '06:00', weekdays: [4] }];
  expect(hoursWithin(allDay, span('05T05:00', '05T05:30'))).toEqual([span('04T06:00', '05T06:00')]);
});
