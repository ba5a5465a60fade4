import { addSeconds, dayOf, formatDateTime } from '../civil-time/index.js';
import { hoursByDateWithin, type Span, type WaterPiece } from '../engine/index.js';
import { clockTime } from '../words/index.js';
import { rule } from './finding.js';
import { Occurrences } from './occurrences.js';
import { ruleWords, spanWords, stationWords } from './place-words.js';

interface InForbiddenHours {
  readonly piece: WaterPiece;
  readonly hours: Span;
}

/** Water in hours in which the local rules allow none. */
export const ruleHours = rule('rule-hours', 'error', (situation) => {
  const { pieces } = situation.watering;
  const [first] = pieces;
  if (!first) return [];
  const last = pieces.reduce((end, { to }) => (to > end ? to : end), first.to);
  const forbidden = hoursByDateWithin((day) => situation.rulesOn(day).noWater, {
    from: first.from,
    to: last,
  }).sort((a, b) => a.from - b.from);
  const occurrences = new Occurrences<InForbiddenHours>();
  let past = 0;
  for (const piece of pieces) {
    while (past < forbidden.length && forbidden[past]!.to <= piece.from) past++;
    const hours = firstTouched(
      forbidden,
      past,
      piece,
      ({ from }) => !situation.isExempt(piece.station, dayOf(from)),
    );
    if (hours) occurrences.add(piece, { piece, hours });
  }
  return occurrences.told(({ piece, hours }, program, station) => ({
    message: ruleWords(
      situation,
      dayOf(hours.from),
      `${stationWords(situation.station(station))} waters in program ${program} on ${spanWords(piece.from, piece.to)}, in the hours from ${clockTime(hours.from)} to ${clockTime(hours.to)} in which the local rules allow no watering.`,
    ),
    fix: `Start program ${program} so that it finishes by ${clockTime(hours.from)}, or begins after ${clockTime(hours.to)}.`,
    first: formatDateTime(addSeconds(piece.from, Math.max(0, hours.from - piece.from))),
  }));
});

function firstTouched(
  forbidden: readonly Span[],
  start: number,
  piece: Span,
  bind: (hours: Span) => boolean,
): Span | null {
  for (let index = start; index < forbidden.length; index++) {
    const hours = forbidden[index]!;
    if (hours.from >= piece.to) return null;
    if (hours.to > piece.from && bind(hours)) return hours;
  }
  return null;
}
