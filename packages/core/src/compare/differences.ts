import { LocalRules, Weather, type Plan } from '../settings/index.js';

/** One single setting that differs, by value. */
export interface Difference {
  /** Where it stands, as a JSON path: in the first plan, or in the second where the first has no such place. */
  readonly path: string;
  /**
   * The same place by what it is of, not where it stands in a list: stations by number, programs by id,
   * runs by station, everything else by its place. `['programs', 'A', 'starts', 1]`
   */
  readonly field: readonly (string | number)[];
  /** Null where it is not set. */
  readonly before: unknown;
  readonly after: unknown;
}

type Json = unknown;
type Fields = Readonly<Record<string, Json>>;

/** What says which entry of a list is which; the entries of other lists go by their place. */
const NAMED_BY: Readonly<Record<string, string>> = {
  stations: 'number',
  programs: 'id',
  runs: 'station',
};

/** Read and set as one thing, whatever they consist of. */
const WHOLE = new Set(['days', 'season']);
/** Lists of which each entry is one thing, by its place. */
const BY_PLACE = new Set([
  ...['starts', 'noWater', 'waterWindows', 'pauses', 'periods', 'rain', 'freeze', 'percents'],
]);
/** Lists of which each entry is several things. */
const OF_SEVERAL = new Set(['percents']);
/** Lists whose order says something; others are sets. */
const ORDERED = new Set(['programs', 'percents']);

const isFields = (value: Json): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * What `after` sets otherwise than `before`: every field of the format but its name and the plan's, by value
 * and with defaults filled in, one entry for each single setting; in the order of the format.
 */
export function differences(before: Plan, after: Plan): Difference[] {
  const found: Difference[] = [];
  compare(comparable(before), comparable(after), { path: '', field: [] }, found);
  return [...found, ...otherOrders(before, after)].map((one) => ({
    ...one,
    path: one.path.slice(1),
  }));
}

/** Where rules or weather are left out, there are none: the same as empty ones. */
function comparable({ format: _format, name: _name, ...plan }: Plan): Fields {
  return { ...plan, rules: plan.rules ?? new LocalRules(), weather: plan.weather ?? new Weather() };
}

interface Place {
  readonly path: string;
  readonly field: readonly (string | number)[];
}

const within = ({ path, field }: Place, key: string): Place => ({
  path: `${path}.${key}`,
  field: [...field, key],
});

function compare(before: Json, after: Json, at: Place, found: Difference[]): void {
  const key = at.field.at(-1);
  if (isFields(before ?? after) && !(WHOLE.has(String(key)) && at.field[0] !== 'timer')) {
    const [old, now] = [asFields(before), asFields(after)];
    for (const name of new Set([...Object.keys(old), ...Object.keys(now)]))
      compare(old[name], now[name], within(at, name), found);
    return;
  }
  if (isListOfFields(before ?? after) || BY_PLACE.has(String(key))) {
    compareLists(asList(before), asList(after), at, found);
    return;
  }
  if (!isSame(before, after, String(key)))
    found.push({ ...at, before: before ?? null, after: after ?? null });
}

const asFields = (value: Json): Fields => (isFields(value) ? value : {});
const asList = (value: Json): readonly Json[] => (Array.isArray(value) ? value : []);
const isListOfFields = (value: Json): boolean => Array.isArray(value) && value.some(isFields);

function compareLists(
  before: readonly Json[],
  after: readonly Json[],
  at: Place,
  found: Difference[],
): void {
  const name = NAMED_BY[String(at.field.at(-1))];
  const keyOf = (entry: Json, index: number): string | number =>
    name === undefined ? index : ((entry as Fields)[name] as string | number);
  const old = new Map(before.map((entry, index) => [keyOf(entry, index), { entry, index }]));
  const now = new Map(after.map((entry, index) => [keyOf(entry, index), { entry, index }]));
  for (const key of new Set([...old.keys(), ...now.keys()])) {
    const [was, is] = [old.get(key), now.get(key)];
    const place = { path: `${at.path}[${(was ?? is)!.index}]`, field: [...at.field, key] };
    if (name !== undefined || OF_SEVERAL.has(String(at.field.at(-1))))
      compare(was?.entry, is?.entry, place, found);
    else if (!isSame(was?.entry, is?.entry, ''))
      found.push({ ...place, before: was?.entry ?? null, after: is?.entry ?? null });
  }
}

/** The same setting; what is not set is the same as null. */
function isSame(a: Json, b: Json, key: string): boolean {
  return JSON.stringify(canonical(a, key)) === JSON.stringify(canonical(b, key));
}

function canonical(value: Json, key: string): Json {
  if (value === undefined) return null;
  if (Array.isArray(value)) {
    const entries = value.map((entry) => canonical(entry, ''));
    return ORDERED.has(key) ? entries : entries.sort(byText);
  }
  if (!isFields(value)) return value;
  return Object.entries(value)
    .filter(([, field]) => field !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, field]) => [name, canonical(field, name)]);
}

const byText = (a: Json, b: Json): number => {
  const [x, y] = [JSON.stringify(a), JSON.stringify(b)];
  return x === y ? 0 : x < y ? -1 : 1;
};

/** On a timer that waters in the order of its list, another order of the same stations is a setting too. */
function otherOrders(before: Plan, after: Plan): Difference[] {
  if (before.timer.stationOrder !== 'listed' && after.timer.stationOrder !== 'listed') return [];
  return before.programs.flatMap(({ id, runs }, index): Difference[] => {
    const other = after.programs.find((program) => program.id === id)?.runs;
    if (!other) return [];
    const orderIn = (mine: typeof runs, others: typeof runs) =>
      mine
        .map(({ station }) => station)
        .filter((station) => others.some((run) => run.station === station))
        .join();
    if (orderIn(runs, other) === orderIn(other, runs)) return [];
    return [
      {
        path: `.programs[${index}].runs`,
        field: ['programs', id, 'runs'],
        before: runs,
        after: other,
      },
    ];
  });
}
