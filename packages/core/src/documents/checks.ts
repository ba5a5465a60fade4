import { ValidateBy, ValidateIf } from 'class-validator';
import { parseDate, parseDateTime, parseTimeOfDay } from '../civil-time/index.js';

type Accepts = (value: unknown) => boolean;

const MISSING = 'is required';

/** What a check accepts, as JSON Schema says it. */
export type ValueSchema = Readonly<Record<string, unknown>>;

function check(
  name: string,
  accepts: Accepts,
  says: string,
  schema: ValueSchema = {},
): PropertyDecorator {
  return ValidateBy({
    name,
    constraints: [schema],
    validator: {
      validate: (value) => accepts(value),
      defaultMessage: (args) => (args?.value === undefined ? MISSING : says),
    },
  });
}

/** The field may be absent; when it is there, its other checks hold. Null is not absent. */
export const Optional = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined);

/** The field may be null; when it is not, its other checks hold. */
export const OrNull = (): PropertyDecorator => ValidateIf((_, value) => value !== null);

const isText: Accepts = (value) => typeof value === 'string' && value.length <= 2000;
const isWhole =
  (min: number, max: number): Accepts =>
  (value) =>
    Number.isSafeInteger(value) && (value as number) >= min && (value as number) <= max;
const wholeSays = (min: number, max: number): string =>
  max >= Number.MAX_SAFE_INTEGER
    ? `must be a whole number, ${min} or more`
    : `must be a whole number, ${min} to ${max}`;

const wholeSchema = (min: number, max: number): ValueSchema => ({
  type: 'integer',
  minimum: min,
  ...(max < Number.MAX_SAFE_INTEGER && { maximum: max }),
});

/** Any text up to 2,000 characters. */
export const Text = (): PropertyDecorator =>
  check('text', isText, 'must be a text of at most 2000 characters', {
    type: 'string',
    maxLength: 2000,
  });

const isLabel: Accepts = (value) =>
  typeof value === 'string' && value.trim() !== '' && value.length <= 40;
const LABEL_SAYS = 'must be a label of 1 to 40 characters';
const LABEL_SCHEMA: ValueSchema = { type: 'string', minLength: 1, maxLength: 40, pattern: '\\S' };

/** A short text that is not empty. */
export const Label = (): PropertyDecorator => check('label', isLabel, LABEL_SAYS, LABEL_SCHEMA);

export const Flag = (): PropertyDecorator =>
  check('flag', (value) => typeof value === 'boolean', 'must be true or false', {
    type: 'boolean',
  });

/** A whole number from `min` to `max`, both included. */
export const WholeNumber = (min: number, max = Number.MAX_SAFE_INTEGER): PropertyDecorator =>
  check('wholeNumber', isWhole(min, max), wholeSays(min, max), wholeSchema(min, max));

/** So far does a column count that the next one still fits into. */
const LARGEST_STORED = 2 ** 31 - 2;

/** A number that a table counts up: the version of a row, or the number of a copy. */
export const StoredVersion = (): PropertyDecorator => WholeNumber(1, LARGEST_STORED);

/** A number from `min` to `max`, both included; fractions are welcome. */
export const Amount = (min: number, max = Number.MAX_VALUE): PropertyDecorator =>
  check(
    'amount',
    (value) => typeof value === 'number' && Number.isFinite(value) && value >= min && value <= max,
    max === Number.MAX_VALUE
      ? `must be a number, ${min} or more`
      : `must be a number, ${min} to ${max}`,
    { type: 'number', minimum: min, ...(max < Number.MAX_VALUE && { maximum: max }) },
  );

export const OneOf = (choices: readonly (string | number)[]): PropertyDecorator =>
  check(
    'oneOf',
    (value) => choices.includes(value as string),
    `must be one of ${choices.join(', ')}`,
    { enum: choices },
  );

const DATE_SAYS = 'must be a date of the calendar, written YYYY-MM-DD';
const TIME_SAYS = 'must be a time of day, written HH:MM, 00:00 to 23:59';
const TIME_SCHEMA = { type: 'string', pattern: '^([01][0-9]|2[0-3]):[0-5][0-9]$' };
const DATE_SCHEMA = { type: 'string', pattern: '^[0-9]{4}-[0-9]{2}-[0-9]{2}$' };
const isTime: Accepts = (value) => typeof value === 'string' && parseTimeOfDay(value) !== null;

export const TimeOfDay = (): PropertyDecorator =>
  check('timeOfDay', isTime, TIME_SAYS, TIME_SCHEMA);

const isDay: Accepts = (value) => typeof value === 'string' && parseDate(value) !== null;

export const CivilDay = (): PropertyDecorator => check('civilDay', isDay, DATE_SAYS, DATE_SCHEMA);

/** A value, a number or text in the order of the calendar, that is not before the one in another field. */
const notBefore = (
  name: string,
  start: string,
  accepts: Accepts,
  says: string,
  schema: ValueSchema,
  orderSays = 'must not be before its',
): PropertyDecorator =>
  ValidateBy({
    name,
    constraints: [schema],
    validator: {
      validate: (value, args) => {
        const from = (args?.object as Record<string, unknown>)[start];
        return accepts(value) && !(accepts(from) && (value as string) < (from as string));
      },
      defaultMessage: (args) => {
        if (args?.value === undefined) return MISSING;
        return accepts(args.value) ? `${orderSays} ${start}` : says;
      },
    },
  });

/** A whole number that is not less than the one in the field `least` of the same object. */
export const WholeNumberFrom = (least: string, min: number, max: number): PropertyDecorator =>
  notBefore(
    'wholeNumberFrom',
    least,
    isWhole(min, max),
    wholeSays(min, max),
    wholeSchema(min, max),
    'must not be less than its',
  );

/** A date that is not before the one in the field `start` of the same object. */
export const CivilDayFrom = (start: string): PropertyDecorator =>
  notBefore('civilDayFrom', start, isDay, DATE_SAYS, DATE_SCHEMA);

/** A day of every year, `MM-DD`. */
export const MonthDay = (): PropertyDecorator =>
  check(
    'monthDay',
    (value) => typeof value === 'string' && parseDate(`2024-${value}`) !== null,
    'must be a day of the year, written MM-DD',
    { type: 'string', pattern: '^[0-9]{2}-[0-9]{2}$' },
  );

const isDateTime: Accepts = (value) => typeof value === 'string' && parseDateTime(value) !== null;

export const DateTime = (): PropertyDecorator =>
  check('dateTime', isDateTime, DATE_TIME_SAYS, DATE_TIME_SCHEMA);

const DATE_TIME_SAYS = 'must be a date and time, written YYYY-MM-DDTHH:MM:SS';
const DATE_TIME_SCHEMA = {
  type: 'string',
  pattern: '^[0-9]{4}-[0-9]{2}-[0-9]{2}T([01][0-9]|2[0-3]):[0-5][0-9]:[0-5][0-9]$',
};

/** A date and time that is not before the one in the field `start` of the same object. */
export const DateTimeFrom = (start: string): PropertyDecorator =>
  notBefore('dateTimeFrom', start, isDateTime, DATE_TIME_SAYS, DATE_TIME_SCHEMA);

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;

export const Uuid = (): PropertyDecorator =>
  check('uuid', (value) => typeof value === 'string' && UUID.test(value), 'must be a UUID', {
    type: 'string',
    format: 'uuid',
  });

const UTC_MOMENT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/;

/** An instant, as RFC 3339 has it in UTC. */
export const UtcMoment = (): PropertyDecorator =>
  check(
    'utcMoment',
    (value) =>
      typeof value === 'string' && UTC_MOMENT.test(value) && !Number.isNaN(Date.parse(value)),
    'must be an instant such as 2026-06-01T08:30:00Z',
    { type: 'string', format: 'date-time' },
  );

const knownZones = new Map<string, boolean>();

function isTimeZone(value: unknown): boolean {
  if (typeof value !== 'string' || value === '') return false;
  let known = knownZones.get(value);
  if (known === undefined) {
    try {
      known = Boolean(new Intl.DateTimeFormat('en', { timeZone: value }));
    } catch {
      known = false;
    }
    knownZones.set(value, known);
  }
  return known;
}

/** An IANA time zone such as `America/Denver`. */
export const TimeZone = (): PropertyDecorator =>
  check('timeZone', isTimeZone, 'must be a time zone such as America/Denver', { type: 'string' });

const ENTRY_MARK = 'entry ';

interface ListLimits {
  readonly least?: number;
  readonly most?: number;
}

/** A list whose every entry is accepted; each bad entry is one message of its own. */
function listOf(
  accepts: Accepts,
  says: string,
  { least = 0, most = 100_000 }: ListLimits,
  items: ValueSchema,
) {
  const fits = (value: unknown[]) => value.length >= least && value.length <= most;
  return ValidateBy({
    name: 'listOf',
    constraints: [{ type: 'array', minItems: least, maxItems: most, items }],
    validator: {
      validate: (value) => Array.isArray(value) && fits(value) && value.every(accepts),
      defaultMessage: (args) => {
        const value: unknown = args?.value;
        if (value === undefined) return MISSING;
        if (!Array.isArray(value)) return 'must be a list';
        if (!fits(value)) return `must have ${entriesInWords(least, most)} entries`;
        return value
          .flatMap((entry, index) => (accepts(entry) ? [] : [`${ENTRY_MARK}${index} ${says}`]))
          .join('\n');
      },
    },
  });
}

function entriesInWords(least: number, most: number): string {
  if (least === most) return String(least);
  return least === 0 ? `at most ${most}` : `${least} to ${most}`;
}

/** Tells a message about the whole list from messages about single entries of it. */
export function entryMessages(text: string): { index: number; message: string }[] | null {
  if (!text.startsWith(ENTRY_MARK)) return null;
  return text.split('\n').map((line) => {
    const rest = line.slice(ENTRY_MARK.length);
    const gap = rest.indexOf(' ');
    return { index: Number(rest.slice(0, gap)), message: rest.slice(gap + 1) };
  });
}

export const ListOfWhole = (min: number, max: number, limits: ListLimits = {}) =>
  listOf(isWhole(min, max), wholeSays(min, max), limits, wholeSchema(min, max));

/** A list of numbers, fractions welcome. */
export const ListOfAmounts = (min: number, max: number, limits: ListLimits = {}) =>
  listOf(
    (value) => typeof value === 'number' && Number.isFinite(value) && value >= min && value <= max,
    `must be a number, ${min} to ${max}`,
    limits,
    { type: 'number', minimum: min, maximum: max },
  );

export const ListOfTimes = (limits: ListLimits = {}) =>
  listOf(isTime, TIME_SAYS, limits, TIME_SCHEMA);

export const ListOfChoices = (choices: readonly string[]) =>
  listOf(
    (value) => choices.includes(value as string),
    `must be one of ${choices.join(', ')}`,
    {},
    { enum: choices },
  );

/** A list of short texts, none of them empty. */
export const ListOfLabels = (limits: ListLimits) =>
  listOf(isLabel, LABEL_SAYS, limits, LABEL_SCHEMA);

/** Whole sentences. */
export const ListOfTexts = () =>
  listOf(
    (value) => typeof value === 'string' && value.trim() !== '' && value.length <= 1000,
    'must be a text of 1 to 1000 characters',
    {},
    { type: 'string', minLength: 1, maxLength: 1000, pattern: '\\S' },
  );

/** A known field whose value is not looked at. */
export const Anything = (): PropertyDecorator => check('anything', () => true, '');
