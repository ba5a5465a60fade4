import { dayChoices, type DayChoice } from './day-choices.js';
import { draftOf, type Draft, type NoDraft } from './draft.js';
import { keptStarts, type KeptStart } from './kept-starts.js';
import { startsBeside } from './starts-beside.js';
import { suits } from './needs-of-dates.js';
import { placeAll, type Meets, type Placing } from './placing.js';
import { forbiddenDates, forbiddenStarts, neverMeet, onSide, SIDES, type Side } from './sides.js';
import type { Job, Situation } from './situation.js';
import type { Style } from './styles.js';

/** A program to be: its style and its stations. */
export interface Slot {
  readonly style: Style;
  readonly jobs: readonly Job[];
}

/** A program that is settled but for its label. */
export interface Arranged {
  readonly draft: Draft;
  readonly choice: DayChoice;
  /** Seconds of the night. */
  readonly starts: readonly number[];
}

/** How programs may be laid out, beyond what rules and needs say. */
export interface Leeway {
  readonly concurrent: number;
  readonly usesDay: boolean;
}

/** One way for a slot: a side of midnight, a number of dates, and the day choices that give it. */
interface Way {
  readonly side: Side;
  readonly draft: Draft;
  readonly choices: readonly DayChoice[];
}

/** What makes programs out of slots; it remembers what it has worked out. */
export class Arranger {
  private readonly choices = new Map<string, readonly DayChoice[]>();
  private readonly drafts = new Map<string, Draft | NoDraft>();
  private readonly kept: readonly KeptStart[];
  private readonly ways = new Map<string, readonly Way[]>();

  /** Something was not gone through to its end: that there is no way has not been shown. */
  wasCut = false;

  constructor(
    readonly situation: Situation,
    readonly leeway: Leeway,
  ) {
    this.kept = [...keptStarts(situation), ...startsBeside(situation)];
  }

  private readonly cut = (): void => {
    this.wasCut = true;
  };

  /** Whether a station alone could be watered in a style, on any side of midnight. */
  allows(job: Job, style: Style): boolean {
    return SIDES.some((side) => this.choicesOf({ style, jobs: [job] }, side).length > 0);
  }

  /** The ways of a slot, after midnight first, fewest dates first. */
  waysOf(slot: Slot): readonly Way[] {
    const key = keyOf(slot);
    let ways = this.ways.get(key);
    if (!ways) {
      ways = SIDES.flatMap((side) => this.waysOnSide(slot, side));
      this.ways.set(key, ways);
    }
    return ways;
  }

  private waysOnSide(slot: Slot, side: Side): Way[] {
    const byCount = new Map<number, DayChoice[]>();
    for (const choice of this.choicesOf(slot, side))
      byCount.set(choice.count, [...(byCount.get(choice.count) ?? []), choice]);
    return [...byCount]
      .sort(([a], [b]) => a - b)
      .flatMap(([dates, choices]): Way[] => {
        const draft = this.draftOf(slot, dates);
        const own = typeof draft === 'string' ? null : onSide(draft, side);
        return own ? [{ side, draft: own, choices }] : [];
      });
  }

  /** The program of a slot on so many of the 56 dates, or why there is none. */
  draftOf(slot: Slot, dates: number): Draft | NoDraft {
    const key = `${keyOf(slot)} ${dates}`;
    let draft = this.drafts.get(key);
    if (!draft) {
      const { timesPerDay } = slot.style;
      draft = draftOf(this.situation, slot.jobs, { ...this.leeway, dates, timesPerDay });
      this.drafts.set(key, draft);
    }
    return draft;
  }

  /** The dates that suit every station of a slot and keep the rules. */
  choicesOf(slot: Slot, side: Side): readonly DayChoice[] {
    // Stations of one rhythm go by the same dates.
    const alike = new Map(slot.jobs.map((job) => [job.rhythm, job]));
    const isBound = slot.jobs.some(({ isExempt }) => !isExempt);
    const rhythms = [...alike.keys()].sort().join();
    const key = `${JSON.stringify(slot.style.rule)} ${rhythms} ${isBound} ${side}`;
    let found = this.choices.get(key);
    if (!found) {
      const free = forbiddenStarts(this.situation, slot.jobs, side);
      const forbidden = forbiddenDates(this.situation, slot.jobs, side);
      found = this.allChoices(slot.style, free).filter(
        (choice) =>
          [...alike.values()].every((job) => suits(this.situation, job, choice)) &&
          !choice.waters.some((waters, index) => waters && forbidden[index]),
      );
      this.choices.set(key, found);
    }
    return found;
  }

  /** Every way to set the days of a style, some weekdays kept free or not. */
  private allChoices(style: Style, free: readonly number[]): readonly DayChoice[] {
    const key = `all ${JSON.stringify(style.rule)} ${free.join()}`;
    let all = this.choices.get(key);
    if (!all) {
      all = dayChoices(this.situation, style, free.length === 0 ? [[]] : [free, []]);
      this.choices.set(key, all);
    }
    return all;
  }

  /**
   * Programs for all slots, none of which ever overlap, with so many starts in all (absent: any
   * number); null where there is no way.
   */
  arrange(slots: readonly Slot[], starts?: number): Arranged[] | null {
    const ways = slots.map((slot) => this.waysOf(slot));
    if (ways.some((own) => own.length === 0) || isOverfull(ways)) return null;
    // The longest first: what has no room shows soonest.
    const order = slots
      .map((_, index) => index)
      .sort((a, b) => ways[b]![0]!.draft.longestSeconds - ways[a]![0]!.draft.longestSeconds);
    for (const combination of combinations(
      order.map((index) => ways[index]!),
      this.cut,
    )) {
      if (starts !== undefined && startsOf(combination) !== starts) continue;
      const arranged = this.inOneNight(combination) ?? this.onOwnNights(combination);
      if (arranged) return arranged;
    }
    return null;
  }

  private readonly asked = (ways: readonly Way[]) => ({
    kept: this.kept,
    nights: ways.map(({ choices }) => choices[0]!.count),
    onCut: this.cut,
  });

  /** All programs fit into every night, whatever their days are. */
  private inOneNight(ways: readonly Way[]): Arranged[] | null {
    if (lengthOf(ways) > roomOf(ways)) return null;
    const placing = placeAll(
      this.situation,
      ways.map(({ draft }) => draft),
      () => true,
      this.asked(ways),
    );
    return (
      placing &&
      settled(
        ways,
        ways.map(({ choices }) => choices[0]!),
        placing,
      )
    );
  }

  /** Days are chosen so that programs that have no room beside each other never meet. */
  private onOwnNights(ways: readonly Way[]): Arranged[] | null {
    const { kept } = this;
    if (ways.length < 2 && kept.length === 0) return null;
    const drafts = ways.map(({ draft }) => draft);
    const loads = ways.map((way) => loadOf([way]));
    // Where even programs that need not meet do not help, no choice of days does.
    const asked = this.asked(ways);
    const least: Meets = (a, b) => b >= 0 && mustMeet(loads[a]!, loads[b]!);
    if (!placeAll(this.situation, drafts, least, asked)) return null;
    const tried = new Map<string, Placing | null>();
    const chosen: DayChoice[] = [];
    let left = MOST_DAY_CHOICES;
    const placeChosen = (meeting: string): Placing | null => {
      let placing = tried.get(meeting);
      if (placing === undefined) {
        const count = chosen.length;
        const width = MOST_SLOTS + kept.length;
        const meets: Meets = (a, b) =>
          meeting[a * width + (b < 0 ? MOST_SLOTS - 1 - b : b)] === '1';
        placing = placeAll(this.situation, drafts.slice(0, count), meets, asked);
        tried.set(meeting, placing);
      }
      return placing;
    };
    const besideKept = (choice: DayChoice, side: Side): string =>
      kept.map((one) => (neverMeet(one.choice, one.side, choice, side) ? '0' : '1')).join('');
    const choose = (index: number, meeting: readonly string[]): Arranged[] | null => {
      for (const choice of ways[index]!.choices) {
        if (--left < 0) {
          this.cut();
          return null;
        }
        const row = chosen.map((other, at) =>
          neverMeet(other, ways[at]!.side, choice, ways[index]!.side) ? '0' : '1',
        );
        const rows = [
          ...meeting.map((known, at) => known.slice(0, index) + row[at]! + known.slice(index + 1)),
          row.join('').padEnd(MOST_SLOTS, '0') + besideKept(choice, ways[index]!.side),
        ];
        chosen.push(choice);
        // What does not fit already fits no better with more programs.
        const placing = placeChosen(rows.join(''));
        if (placing && index === ways.length - 1) return settled(ways, chosen, placing);
        const rest = placing && choose(index + 1, rows);
        if (rest) return rest;
        chosen.pop();
      }
      return null;
    };
    return choose(0, []);
  }
}

/** The programs of the largest timer. */
const MOST_SLOTS = 40;

const startsOf = (ways: readonly Way[]): number =>
  ways.reduce((sum, { draft }) => sum + draft.starts, 0);

const isByNight = ({ draft }: Way): boolean => draft.spread === null;

/** How long programs by night water one after the other. */
const lengthOf = (ways: readonly Way[]): number =>
  ways.filter(isByNight).reduce((sum, { draft }) => sum + draft.longestSeconds * draft.starts, 0);

/** From the first moment at which one of them may begin to the last at which one may end. */
function roomOf(ways: readonly Way[]): number {
  const nightly = ways.filter(isByNight).map(({ draft }) => draft);
  if (nightly.length === 0) return Infinity;
  const from = Math.min(...nightly.map(({ window }) => window.from));
  return (
    Math.max(...nightly.map(({ window, longestSeconds }) => window.to + longestSeconds)) - from
  );
}

/** What a slot takes of the nights, at the least. */
interface Load {
  readonly rule: DayChoice['rule'];
  readonly seconds: number;
  /** Nights a week, on average. */
  readonly nights: number;
}

const loadOf = (ways: readonly Way[]): Load => ({
  rule: ways[0]!.choices[0]!.rule,
  seconds: Math.min(...ways.map(({ draft }) => draft.longestSeconds * draft.starts)),
  nights: Math.min(...ways.map(({ choices }) => choices[0]!.count / 8)),
});

/** Whether no choice of days and hours can help: the nights of a week are too short for it all. */
function isOverfull(ways: readonly (readonly Way[])[]): boolean {
  const loads = ways.filter((own) => own.every(isByNight)).map(loadOf);
  if (loads.length < 2) return false;
  const room = roomOf(ways.flat());
  return (
    loads.some((a, i) =>
      loads.some((b, j) => i < j && mustMeet(a, b) && a.seconds + b.seconds > room),
    ) || loads.reduce((sum, { seconds, nights }) => sum + seconds * nights, 0) > 7 * room
  );
}

/** Whether two programs share a night whatever days are chosen. */
function mustMeet(a: Load, b: Load): boolean {
  const modes = [a.rule.mode, b.rule.mode];
  if (modes.every((mode) => mode === 'weekdays')) return a.nights + b.nights > 7;
  if (a.rule.mode === 'interval' && b.rule.mode === 'interval')
    return a.rule.everyDays !== b.rule.everyDays || a.rule.everyDays === 1;
  // An interval of whole weeks stays on its weekday; odd and even dates never meet.
  const isRoaming = ({ rule }: Load) => rule.mode !== 'interval' || rule.everyDays % 7 !== 0;
  return modes.includes('interval') && isRoaming(a) && isRoaming(b);
}

/** More day choices than these are not gone through for one combination of ways. */
const MOST_DAY_CHOICES = 5000;
/** More combinations of ways than these are not gone through. */
const MOST_COMBINATIONS = 81;

const keyOf = ({ style, jobs }: Slot): string =>
  `${JSON.stringify(style.rule)} ${style.timesPerDay} ${jobs.map(({ index }) => index).join()}`;

const settled = (
  ways: readonly Way[],
  choices: readonly DayChoice[],
  placing: Placing,
): Arranged[] =>
  ways.map(({ draft }, index) => ({
    draft,
    choice: choices[index]!,
    starts: placing[index]!,
  }));

/** One way for every slot, the first ones first. */
function* combinations(ways: readonly (readonly Way[])[], onCut: () => void): Generator<Way[]> {
  let left = MOST_COMBINATIONS;
  // By how far down its list each slot goes, all together: near to the first ways comes first.
  const most = ways.reduce((sum, own) => sum + own.length - 1, 0);
  for (let depth = 0; depth <= most; depth++)
    for (const combination of atDepth(ways, depth)) {
      if (--left < 0) {
        onCut();
        return;
      }
      yield combination;
    }
}

function* atDepth(ways: readonly (readonly Way[])[], depth: number): Generator<Way[]> {
  const [own, ...rest] = ways;
  if (!own) {
    if (depth === 0) yield [];
    return;
  }
  for (let index = 0; index < own.length && index <= depth; index++)
    for (const others of atDepth(rest, depth - index)) yield [own[index]!, ...others];
}
