// The fewest programs and starts of a small home with coarse steps, by going through every setting.
import { runShape, scaledSeconds } from '@water-clock/core/engine';

const DAYS = 420;
const [NEED_DAYS, LOOK_DAYS] = [56, 60];
const [DAY, HALF_DAY] = [86_400, 43_200];
/** 1 June 2026, the first date of every brief here, is a Monday. */
const FIRST = Date.UTC(2026, 5, 1);

const calendar = Array.from({ length: DAYS + 2 }, (_, day) => {
  const date = new Date(FIRST + day * 86_400_000);
  return { weekday: (day % 7) + 1, dayOfMonth: date.getUTCDate() };
});

const inNight = (text) => {
  const [hours, minutes] = text.split(':').map(Number);
  const second = hours * 3600 + minutes * 60;
  return second >= HALF_DAY ? second - DAY : second;
};

/** Every day rule of the timer: its dates, as far as it matters whether two rules ever meet. */
function dayRules({ timer, rules, stations }) {
  const kinds = [];
  if (timer.dayModes.includes('weekdays'))
    for (let bits = 1; bits < 128; bits++)
      kinds.push({ waters: calendar.map(({ weekday }) => Boolean(bits & (1 << (weekday - 1)))) });
  const before = rules.mowingWeekdays.map((weekday) => ((weekday + 5) % 7) + 1);
  const free = [[], rules.mowingWeekdays, [...rules.mowingWeekdays, ...before]];
  const sets = rules.mowingWeekdays.length > 0 ? free : [[]];
  const blocked = (set, day) => set.includes(calendar[day].weekday);
  for (const set of sets) {
    for (const parity of ['odd', 'even'])
      if (timer.dayModes.includes(parity))
        kinds.push({
          waters: calendar.map(
            ({ dayOfMonth }, day) =>
              (dayOfMonth % 2 === 1) === (parity === 'odd') && !blocked(set, day),
          ),
        });
    if (!timer.dayModes.includes('interval')) continue;
    const wanted = stations.flatMap(({ need }) => need.everyDays ?? []);
    for (const every of new Set([...wanted, 1, 2, 3, 4, 5, 6, 7]))
      for (let remainder = 0; remainder < every; remainder++)
        kinds.push({ waters: intervalDates(timer, every, remainder, set), left: set });
  }
  return kinds;
}

/** The dates of an interval, some weekdays kept free: skipped, or made up for on the next day. */
function intervalDates({ blockedDay }, every, remainder, set) {
  const isFree = (day) => set.includes(calendar[day].weekday);
  const isBase = (day) => day >= remainder && (day - remainder) % every === 0;
  const isMadeUpFor = (day) => {
    let back = day - 1;
    while (back >= 0 && isFree(back) && !isBase(back)) back -= 1;
    return back >= 0 && isFree(back);
  };
  return calendar.map(
    (_, day) => !isFree(day) && (isBase(day) || (blockedDay === 'defer' && isMadeUpFor(day))),
  );
}

/** Whether more than five of some seven dates in a row water, which only beds of crops bear. */
const isTooOften = ({ plant }, rule) =>
  plant !== 'vegetables' &&
  plant !== 'seed' &&
  rule.waters
    .slice(6, LOOK_DAYS)
    .some((_, at) => rule.waters.slice(at, at + 7).filter(Boolean).length > 5);

/** The least time of a run, or null where the dates or the timer do not suit the station. */
function secondsFor(brief, station, rule, starts) {
  const { need } = station;
  const { stepSeconds, minSeconds, maxSeconds } = brief.timer.runTime;
  const step = Math.max(stepSeconds, brief.timer.season?.roundToSeconds ?? 0);
  if (isTooOften(station, rule)) return null;
  const isInterval = need.everyDays !== undefined;
  if (!(isInterval ? suitsInterval(need, rule) : suitsWeeks(need, rule))) return null;
  const runs = rule.waters.slice(0, NEED_DAYS).filter(Boolean).length * starts;
  const wanted = isInterval ? need.seconds / starts : (8 * need.weeklySeconds) / runs;
  const seconds = Math.max(minSeconds, Math.ceil(wanted / stepSeconds - 1e-9) * stepSeconds);
  const isEnough = isInterval
    ? seconds < wanted + step
    : seconds <= Math.max(1.1 * wanted, wanted + step) + 1e-9;
  return isEnough && seconds <= maxSeconds ? seconds : null;
}

function suitsInterval({ everyDays }, { waters, left }) {
  const remainder = waters.indexOf(true) % everyDays;
  const due = Array.from({ length: NEED_DAYS }, (_, day) => day).filter(
    (day) => day % everyDays === remainder,
  );
  const isOff = waters
    .slice(0, LOOK_DAYS)
    .some((isWet, day) => isWet && day % everyDays !== remainder);
  const missing = due.filter((day) => !waters[day]);
  const areLeft = missing.every((day) => left?.includes(calendar[day].weekday));
  return !isOff && areLeft && missing.length * 2 <= due.length;
}

const suitsWeeks = ({ daysPerWeek: [least, most] }, { waters }) =>
  [0, 7, 14, 21, 28, 35, 42, 49].every((first) => {
    const count = waters.slice(first, first + 7).filter(Boolean).length;
    return count >= least && count <= most;
  });

/** Every way to run some stations as one program: its starts, how long a run is, on which dates. */
function programsOf(brief, headroom, group, rules, starts) {
  const { timer, controller } = brief;
  const [from, to] = [inNight(brief.rules.earliestStart), inNight(brief.rules.finishBy)];
  const startStep = timer.startStepMinutes * 60;
  const ways = new Map();
  for (const rule of rules) {
    const seconds = group.map((station) => secondsFor(brief, station, rule, starts));
    if (seconds.includes(null)) continue;
    const cycles = group.map(({ maxPieceSeconds = Infinity }, index) => {
      if (seconds[index] <= maxPieceSeconds) return Infinity;
      const { stepSeconds } = timer.runTime;
      return timer.cycleSoak ? Math.floor(maxPieceSeconds / stepSeconds) * stepSeconds : 0;
    });
    if (cycles.includes(0)) continue;
    const shapeAt = (percent) =>
      runShape(
        group.map(({ number, minSoakSeconds = 0 }, index) => ({
          station: number,
          seconds: scaledSeconds(seconds[index], percent, timer.season?.roundToSeconds ?? 1),
          cycleSeconds: cycles[index],
          soakSeconds: cycles[index] === Infinity ? 0 : minSoakSeconds,
        })),
        {
          policy: timer.cycleSoak?.policy ?? 'in-order',
          slots: 1,
          delaySeconds: controller.stationDelaySeconds,
        },
      );
    const shape = shapeAt(100);
    const length = Math.max(shape.lengthSeconds, shapeAt(headroom).lengthSeconds);
    const soak = Math.max(
      ...group.map(({ number, minSoakSeconds = 0 }) => {
        const own = shape.pieces.filter(({ station }) => station === number);
        return own.at(-1).toSeconds - own[0].fromSeconds + minSoakSeconds;
      }),
    );
    const queue = timer.overlap === 'queue' ? controller.stationDelaySeconds : 0;
    const gap = Math.max(length + queue, soak);
    const night = { from, to, startStep, length, gap };
    for (const chosen of startsWithin(night, starts)) {
      if (!keepsRules(brief, rule, chosen, length)) continue;
      const key = `${chosen.join()} ${length}`;
      const known = ways.get(key) ?? { starts: chosen, length: length + queue, rules: [] };
      known.rules.push(rule);
      ways.set(key, known);
    }
  }
  return [...ways.values()];
}

/** Every way to lay so many starts of one program into a night. */
function* startsWithin(night, starts) {
  const { from, to, startStep, length, gap } = night;
  if (starts === 0) {
    yield [];
    return;
  }
  const first = Math.ceil(from / startStep) * startStep;
  for (let start = first; start + length <= to; start += startStep)
    for (const rest of startsWithin({ ...night, from: start + gap }, starts - 1))
      yield [start, ...rest];
}

function keepsRules(brief, rule, starts, length) {
  const { weekdays, mowingWeekdays } = brief.rules;
  for (let day = 0; day < LOOK_DAYS; day++) {
    if (!rule.waters[day]) continue;
    for (const start of starts) {
      const touched = start < 0 && start + length > 0 ? [day, day + 1] : [day];
      for (const date of touched) {
        const { weekday } = calendar[date];
        if (mowingWeekdays.includes(weekday) || (weekdays && !weekdays.includes(weekday)))
          return false;
      }
    }
  }
  return true;
}

/** On which dates two rules water: the same one, or one the day after the other. */
const meetings = new WeakMap();
function meetingOf(one, other) {
  const known = meetings.get(one) ?? new Map();
  meetings.set(one, known);
  if (!known.has(other)) {
    const dates = one.waters.flatMap((isWet, day) => (isWet && day < DAYS ? [day] : []));
    const meeting = Object.fromEntries(
      [-1, 0, 1].map((shift) => [shift, dates.some((day) => other.waters[day + shift])]),
    );
    known.set(other, meeting);
  }
  return known.get(other);
}

/** Whether some date rules of two programs keep clear of the shifts at which they would overlap. */
const keeping = new Map();
function keepClear(a, b, clashes) {
  const key = `${idOf(a.rules)} ${idOf(b.rules)} ${clashes.join()}`;
  if (!keeping.has(key))
    keeping.set(
      key,
      a.rules.some((one) =>
        b.rules.some((other) => {
          const meeting = meetingOf(one, other);
          return clashes.every((shift) => !meeting[shift]);
        }),
      ),
    );
  return keeping.get(key);
}

/** The same for lists of the same rules. */
const ids = new Map();
const numbers = new WeakMap();
const named = new WeakMap();
function idOf(rules) {
  if (!named.has(rules)) {
    const key = rules
      .map((rule) => {
        if (!numbers.has(rule)) numbers.set(rule, ++counted);
        return numbers.get(rule);
      })
      .join();
    if (!ids.has(key)) ids.set(key, ids.size);
    named.set(rules, ids.get(key));
  }
  return named.get(rules);
}
let counted = 0;

/** Whether two programs can be set so that they never overlap. */
function fit(a, b) {
  const clashes = [-1, 0, 1].filter((shift) =>
    a.starts.some((first) =>
      b.starts.some((second) => {
        const [x, y] = [(first + DAY) % DAY, ((second + DAY) % DAY) + shift * DAY];
        return x < y + b.length && y < x + a.length;
      }),
    ),
  );
  return clashes.length === 0 || keepClear(a, b, clashes);
}

function* partitions(items, groups) {
  if (items.length === 0) {
    if (groups === 0) yield [];
    return;
  }
  const [first, ...rest] = items;
  for (const part of partitions(rest, groups))
    for (let at = 0; at < part.length; at++)
      yield part.map((own, index) => (index === at ? [first, ...own] : own));
  if (groups > 0) for (const part of partitions(rest, groups - 1)) yield [[first], ...part];
}

/** How starts may be shared out among programs, so many in all. */
function* sharings(programs, starts, most) {
  if (programs === 1) {
    if (starts <= most) yield [starts];
    return;
  }
  for (let own = 1; own <= Math.min(most, starts - programs + 1); own++)
    for (const rest of sharings(programs - 1, starts - own, most)) yield [own, ...rest];
}

/** The fewest programs, and with them the fewest starts; null where no setting holds. */
export function exactly(brief, headroom) {
  keeping.clear();
  ids.clear();
  const rules = dayRules(brief);
  const most = brief.timer.startsPerProgram;
  const known = new Map();
  const waysOf = (group, starts) => {
    const key = `${group.map(({ number }) => number)} ${starts}`;
    if (!known.has(key)) known.set(key, programsOf(brief, headroom, group, rules, starts));
    return known.get(key);
  };
  const works = (part, sharing) =>
    holds(
      part.map((group, index) =>
        waysOf(
          [...group].sort((a, b) => a.number - b.number),
          sharing[index],
        ),
      ),
      [],
    );
  const worksWith = (programs, starts) =>
    [...partitions(brief.stations, programs)].some((part) =>
      [...sharings(programs, starts, most)].some((sharing) => works(part, sharing)),
    );
  for (let programs = 1; programs <= brief.timer.programs.length; programs++)
    for (let starts = programs; starts <= programs * most; starts++)
      if (worksWith(programs, starts)) return { programs, starts };
  return null;
}

function holds(ways, chosen) {
  const [own, ...rest] = ways;
  if (!own) return chosen.length < 3 || holdsTogether(chosen);
  return own.some(
    (way) => chosen.every((other) => fit(other, way)) && holds(rest, [...chosen, way]),
  );
}

/** Pairs that fit by different dates each may not do so all at once: one date rule for each. */
function holdsTogether(chosen) {
  const pick = (index, picked) => {
    if (index === chosen.length) return true;
    return chosen[index].rules.some((rule) => {
      const way = { ...chosen[index], rules: [rule] };
      return picked.every((other) => fit(other, way)) && pick(index + 1, [...picked, way]);
    });
  };
  return pick(0, []);
}
