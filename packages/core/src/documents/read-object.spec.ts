import fc from 'fast-check';
import {
  Amount,
  DateTime,
  DateTimeFrom,
  Flag,
  ListOfWhole,
  Nested,
  NestedList,
  NestedOrNull,
  OneOf,
  Optional,
  OptionalNested,
  pathWithin,
  readObject,
  Text,
  TimeZone,
  WholeNumber,
  type DocumentProblem,
} from './index.js';

class Part {
  @WholeNumber(1, 9) size!: number;
  @Optional() @Text() note?: string;
}

class Whole {
  @OneOf(['plain', 'striped']) kind = 'plain';
  @Flag() isOpen = false;
  @Amount(0, 1) share = 0.5;
  @ListOfWhole(0, 5, { least: 1, most: 3 }) steps = [1];
  @Optional() @TimeZone() zone?: string;
  @Optional() @DateTime() begin?: string;
  @Optional() @DateTimeFrom('begin') end?: string;
  @Nested(() => Part) main!: Part;
  @NestedOrNull(() => Part) spare: Part | null = null;
  @OptionalNested(() => Part) extra?: Part;
  @NestedList(() => Part) parts: Part[] = [];
}

function read(raw: unknown): { whole: Whole; problems: string[] } {
  const problems: DocumentProblem[] = [];
  const whole = readObject(Whole, raw, '$', problems);
  return { whole, problems: problems.map(({ path, message }) => `${path}: ${message}`) };
}

const main = { size: 3 };

it('fills defaults in, and makes instances all the way down', () => {
  const { whole, problems } = read({ main, parts: [{ size: 1, note: 'left' }] });
  expect(problems).toEqual([]);
  expect(whole).toMatchObject({
    kind: 'plain',
    isOpen: false,
    share: 0.5,
    steps: [1],
    spare: null,
  });
  expect(whole.parts[0]).toBeInstanceOf(Part);
  expect(whole.extra).toBeUndefined();
});

it('lets null stand only where null has a meaning', () => {
  expect(read({ main, spare: null }).problems).toEqual([]);
  expect(
    read({ main: null, extra: null, parts: null, kind: null, zone: null }).problems.sort(),
  ).toEqual([
    'extra: must be an object',
    'kind: must be one of plain, striped',
    'main: must be an object',
    'parts: must be a list of objects',
    'zone: must be a time zone such as America/Denver',
  ]);
});

it('names what is missing, once', () => {
  expect(read({}).problems).toEqual(['main: is required']);
  expect(read({ main: {}, parts: [{}] }).problems).toEqual([
    'main.size: is required',
    'parts[0].size: is required',
  ]);
});

it('says of each value what it must be', () => {
  expect(
    read({
      main: { size: 10, note: 5 },
      isOpen: 'yes',
      share: 1.5,
      steps: [0, 6, 2.5],
      zone: 'Mars/Olympus',
      begin: '2026-06-01',
      parts: ['x'],
    }).problems.sort(),
  ).toEqual([
    'begin: must be a date and time, written YYYY-MM-DDTHH:MM:SS',
    'isOpen: must be true or false',
    'main.note: must be a text of at most 2000 characters',
    'main.size: must be a whole number, 1 to 9',
    'parts[0]: must be an object',
    'share: must be a number, 0 to 1',
    'steps[1]: must be a whole number, 0 to 5',
    'steps[2]: must be a whole number, 0 to 5',
    'zone: must be a time zone such as America/Denver',
  ]);
});

it('counts the entries of a list that has a limit', () => {
  expect(read({ main, steps: [] }).problems).toEqual(['steps: must have 1 to 3 entries']);
  expect(read({ main, steps: [1, 1, 1, 1] }).problems).toEqual(['steps: must have 1 to 3 entries']);
});

it('stops reading a list that has a thousand faults, and names ten unknown fields of an object', () => {
  const { problems } = read({ main, parts: Array.from({ length: 5000 }, () => ({})) });
  expect(problems).toHaveLength(1001);
  const odd = Object.fromEntries(Array.from({ length: 70 }, (_, index) => [`odd${index}`, 1]));
  const { problems: unknown } = read({ main: { ...main, ...odd } });
  expect(unknown).toHaveLength(11);
  expect(unknown.at(-1)).toBe('main: has 60 more fields that are not known');
  expect(read({ main, ['x'.repeat(200)]: 1 }).problems).toEqual([
    `$["${'x'.repeat(60)}…"]: is not a known field`,
  ]);
});

it('holds an end to its begin, where both can be read', () => {
  const ends = (begin: string, end: string) => read({ main, begin, end }).problems;
  expect(ends('2026-06-02T00:00:00', '2026-06-01T00:00:00')).toEqual([
    'end: must not be before its begin',
  ]);
  expect(ends('2026-06-01T00:00:00', '2026-06-01T00:00:00')).toEqual([]);
  expect(ends('never', '2026-06-01T00:00:00')).toEqual([
    'begin: must be a date and time, written YYYY-MM-DDTHH:MM:SS',
  ]);
});

it('never throws, whatever it is given, and says of all that is not an object that it is none', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (raw) => {
      const { problems } = read(raw);
      const isObject = typeof raw === 'object' && raw !== null && !Array.isArray(raw);
      if (!isObject) expect(problems).toContain('$: must be an object');
      else expect(problems.length).toBeGreaterThan(0);
    }),
    { numRuns: 300 },
  );
});

it('joins the path of a document with the paths inside it', () => {
  expect(
    ['$', 'timer.stations', '$["two words"]'].map((path) => pathWithin('document', path)),
  ).toEqual(['document', 'document.timer.stations', 'document["two words"]']);
});
