import { formatDate, parseDate } from '@water-clock/core/civil-time';
import type { Care, Checklist } from '@water-clock/core/care';
import { fieldOf } from '@water-clock/core/kernel';
import { CareEntry } from '@water-clock/core/visits';
import { shownAmount, type Quantity } from '../../format/quantities';
import { readAmount } from '../../measure/read-amount';

/** What is entered of one care, until it is kept in the visit. */
export interface CareTyped {
  readonly steps: readonly string[];
  readonly note: string;
  readonly tester: string;
  /** `YYYY-MM-DD`; empty: at this visit. */
  readonly testedOn: string;
  /** `YYYY-MM-DD`; empty: after the firm's months. */
  readonly nextOn: string;
  readonly pressure: string;
}

export const careTyped = (entry: CareEntry | undefined, pressure: Quantity): CareTyped => ({
  ...{ steps: entry?.steps ?? [], note: entry?.note ?? '', tester: entry?.tester ?? '' },
  ...{ testedOn: entry?.testedOn ?? '', nextOn: entry?.nextOn ?? '' },
  pressure: entry?.pressureKpa === undefined ? '' : shownAmount(entry.pressureKpa, pressure),
});

/** The same, as it lies on the device; null where it cannot be read. */
export function careIn(kept: unknown): CareTyped | null {
  const steps = fieldOf(kept, 'steps');
  if (!Array.isArray(steps)) return null;
  const text = (name: string) => {
    const value = fieldOf(kept, name);
    return typeof value === 'string' ? value : '';
  };
  const day = (name: string) => {
    const read = parseDate(text(name));
    return read === null ? '' : formatDate(read);
  };
  return {
    steps: steps.filter((one) => typeof one === 'string'),
    ...{ note: text('note'), tester: text('tester'), pressure: text('pressure') },
    ...{ testedOn: day('testedOn'), nextOn: day('nextOn') },
  };
}

const PRESSURE = { least: 0, most: 2000 };

/** What was typed of a pressure: null for nothing, a sentence where it cannot be read. */
export const pressureOf = ({ pressure }: CareTyped, unit: Quantity): number | null | string =>
  readAmount(pressure, PRESSURE, unit);

/** Why it cannot be called done yet, in words; null: it can. */
export function whyNotDone({ asks, steps }: Checklist, typed: CareTyped): string | null {
  if (asks.includes('tester') && typed.tester.trim() === '') return 'Name who tested it.';
  if (asks.includes('tester') && typed.nextOn !== '' && typed.nextOn <= typed.testedOn)
    return 'The next test is after this one.';
  const open = steps.filter(({ id }) => !typed.steps.includes(id));
  return open.length > 0 && typed.note.trim() === ''
    ? 'Tick what is done, or say in the note what is left out, and why.'
    : null;
}

export const careEntryOf = (
  what: Care,
  typed: CareTyped,
  { pressureKpa, isDone }: { readonly pressureKpa: number | null; readonly isDone: boolean },
): CareEntry =>
  Object.assign(new CareEntry(), {
    ...{ what, isDone, steps: [...typed.steps] },
    ...(typed.note.trim() && { note: typed.note.trim() }),
    ...(typed.tester.trim() && { tester: typed.tester.trim() }),
    ...(typed.testedOn && { testedOn: typed.testedOn }),
    ...(typed.nextOn && { nextOn: typed.nextOn }),
    ...(pressureKpa !== null && { pressureKpa }),
  });
