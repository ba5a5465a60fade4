import {
  isMeant,
  isSameValue,
  keyInPlaces,
  meantPlaces,
  valueOfCode,
  withShown,
  type KeyInValue,
} from '../key-in/index.js';
import type { Confirmed, Plan } from '../settings/index.js';
import type { Visit } from './visit.js';

/** Settings as they were read off a timer, or keyed in and read back. */
export interface Reading {
  readonly document: Plan;
  /** ISO 8601 in UTC. */
  readonly madeAt: string;
}

/** What stands in a timer, as far as anybody knows. */
export interface InTimer {
  readonly plan: Plan;
  /** The keys of places that were keyed in since the last reading, and that nobody has read back. */
  readonly keyedIn: readonly string[];
  /** The keys of places of which nobody knows what stands there: in the plan it is what the desk has. */
  readonly unknown: readonly string[];
}

/** A percentage stands at 100 % while run times are entered; ticked last, that is what stands there. */
const FOR_NOW = ' first';

/**
 * What stands in a timer: what was keyed in since the last reading, value by value and only what was ticked, and
 * elsewhere what was read. `settings` says what the timer and its stations are, and what it can do.
 */
export function inTimerNow(
  settings: Plan,
  reading: Reading | null,
  visits: readonly Pick<Visit, 'keyedIn'>[],
): InTimer {
  const ticks = visits
    .flatMap(({ keyedIn }) => [...keyedIn.values()])
    .filter(({ observedAt }) => reading === null || observedAt > reading.madeAt)
    .sort((a, b) => a.observedAt.localeCompare(b.observedAt));
  const codes = new Map(ticks.map(({ entry }) => [placeKey(entry.key), entry.value]));
  const isClockSet = codes.has('clock');
  const base = reading ? onTimerOf(settings, reading.document) : settings;
  const wasThere = new Set(reading ? keyInPlaces(base).map(({ key }) => key) : []);
  const ways = withSeasonOf(settings, base, codes);
  const shown = new Map<string, KeyInValue>();
  const [keyedIn, unknown]: [string[], string[]] = [[], []];
  for (const place of keyInPlaces(ways)) {
    const { key, read, usual } = place;
    const code = codes.get(key);
    const value = code === undefined ? null : valueOfCode(code, read(ways));
    if (value) {
      shown.set(key, value);
      keyedIn.push(key);
    } else if (!wasThere.has(key)) {
      // Of what is set another way only what differs is keyed in.
      shown.set(key, read(base));
      const isAsUsual = usual !== undefined && isSameValue(read(base), usual);
      const isOpen = !reading ? !isAsUsual : !isSameValue(read(base), read(settings));
      if (isOpen && isMeant(place, settings)) unknown.push(key);
    }
  }
  const plan = withShown(ways, shown);
  const { clock: _clock, ...controller } = plan.controller;
  return { plan: isClockSet ? { ...plan, controller } : plan, keyedIn, unknown };
}

const placeKey = (key: string): string =>
  key.endsWith(FOR_NOW) ? key.slice(0, -FOR_NOW.length) : key;

/** With the way of setting percentages that is wanted, where a value of it was keyed in; else as it was. */
function withSeasonOf(settings: Plan, base: Plan, codes: ReadonlyMap<string, string>): Plan {
  const { season } = settings.controller;
  const isKeyedIn = keyInPlaces(settings).some(
    ({ part, key }) => part === 'percent' && codes.has(key),
  );
  const isOther = base.controller.season.mode !== season.mode;
  return isOther && isKeyedIn ? { ...base, controller: { ...base.controller, season } } : base;
}

/** What was read, on the timer and the stations that are there now. */
function onTimerOf({ timer, stations, name, site, rules }: Plan, read: Plan): Plan {
  const before = new Map(read.stations.map((station) => [station.number, station]));
  return {
    ...read,
    ...(name !== undefined && { name }),
    ...(site && { site }),
    ...(rules && { rules }),
    timer,
    stations: stations.map((station) => {
      const { cycleSeconds: _cycle, soakSeconds: _soak, pump: _pump, ...rest } = station;
      const was = before.get(station.number);
      const pump = (timer.pumpPerStation ? was : station)?.pump;
      return {
        ...rest,
        ...(was?.cycleSeconds !== undefined && { cycleSeconds: was.cycleSeconds }),
        ...(was?.soakSeconds !== undefined && { soakSeconds: was.soakSeconds }),
        ...(pump !== undefined && { pump }),
        ...(was && { enabled: was.enabled }),
        ...(was && timer.rainSensor && { rainSensor: was.rainSensor }),
        ...(was && timer.freezeSensor && { freezeSensor: was.freezeSensor }),
      };
    }),
    programs: read.programs.map((program) => ({
      ...program,
      runs: program.runs.filter(({ station }) => stations.some(({ number }) => number === station)),
    })),
  };
}

/**
 * Of how many values of a timer nobody has read what stands there. What the last reading did not confirm counts on: at
 * most so many, for some of it may have been keyed in again since.
 */
export function confirmedNow({ plan, keyedIn, unknown }: InTimer, reading?: Confirmed): Confirmed {
  const of = meantPlaces(plan).length;
  const notRead = keyedIn.length + (reading?.keyedIn ?? 0);
  return {
    of,
    keyedIn: Math.min(notRead, of - unknown.length),
    unknown: unknown.length,
  };
}
