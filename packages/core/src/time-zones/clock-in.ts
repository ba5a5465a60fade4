import { parseDateTime, type TimerSeconds } from '../civil-time/index.js';

// By the platform alone: whoever shows a screen that knows the time loads no calendar of all zones for it.
const clocks = new Map<string, Intl.DateTimeFormat>();

function clockOf(timeZone: string): Intl.DateTimeFormat {
  const known = clocks.get(timeZone);
  if (known) return known;
  const clock = new Intl.DateTimeFormat('en-u-ca-iso8601-nu-latn', {
    timeZone,
    hourCycle: 'h23',
    ...{ year: 'numeric', month: '2-digit', day: '2-digit' },
    ...{ hour: '2-digit', minute: '2-digit', second: '2-digit' },
  });
  clocks.set(timeZone, clock);
  return clock;
}

/** What a right clock of an IANA zone shows at an instant, whole seconds. */
export function clockIn(timeZone: string, epochMilliseconds: number): TimerSeconds {
  const shown = new Map(
    clockOf(timeZone)
      .formatToParts(epochMilliseconds)
      .map(({ type, value }) => [type, value]),
  );
  const date = [shown.get('year')!.padStart(4, '0'), shown.get('month'), shown.get('day')];
  const time = [shown.get('hour'), shown.get('minute'), shown.get('second')];
  return parseDateTime(`${date.join('-')}T${time.join(':')}`)!;
}
