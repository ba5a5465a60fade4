import { parseArgs, type ParseArgsConfig } from 'node:util';
import { parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { err, ok, type Result } from '@water-clock/core/kernel';

/** The words after a verb: its files, and its options by name. */
export interface Arguments {
  readonly files: readonly string[];
  readonly options: Readonly<Record<string, string | boolean | undefined>>;
}

/** Reads the words after a verb; unknown options and options without their value are refused. */
export function readArguments(
  words: readonly string[],
  options: NonNullable<ParseArgsConfig['options']>,
): Result<Arguments, readonly string[]> {
  try {
    const { positionals, values } = parseArgs({
      args: [...words],
      options,
      allowPositionals: true,
    });
    return ok({ files: positionals, options: values as Arguments['options'] });
  } catch (error) {
    return err([`water-clock: ${error instanceof Error ? error.message : String(error)}`]);
  }
}

export const trueTimeOption = { 'true-time': { type: 'boolean' } } as const;

/** The most dates that one call runs through: a century. */
const MOST_DAYS = 36_525;

/** Reads `--from`, which is required. */
export function readFrom({ from }: Arguments['options']): Result<DayNumber, readonly string[]> {
  const day = typeof from === 'string' ? parseDate(from) : null;
  return day === null ? err(['water-clock: --from must be a date, written YYYY-MM-DD']) : ok(day);
}

/** Reads `--from` and `--days`; both are required. */
export function readRange(
  options: Arguments['options'],
): Result<{ from: DayNumber; days: number }, readonly string[]> {
  const from = readFrom(options);
  const { days } = options;
  const messages = from.ok ? [] : [...from.trouble];
  const count = typeof days === 'string' && /^\d{1,6}$/.test(days) ? Number(days) : 0;
  if (count < 1 || count > MOST_DAYS)
    messages.push(`water-clock: --days must be a whole number, 1 to ${MOST_DAYS}`);
  return from.ok && messages.length === 0 ? ok({ from: from.value, days: count }) : err(messages);
}
