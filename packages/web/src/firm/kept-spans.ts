import { counted } from '@water-clock/core/words';
import type { Keeping } from '../api/keeping';

type Unit = 'days' | 'months';

/** Something of which a firm says for how long it is kept. */
export interface KeptField {
  readonly key: keyof Keeping;
  readonly label: string;
  readonly hint: string;
  readonly unit: Unit;
  /** What goes: the beginning of a sentence. */
  readonly goes: string;
  readonly spans: readonly number[];
  /** What it is called when it is kept for good; absent: it never is. */
  readonly forGood?: string;
}

export const KEPT_FIELDS: readonly KeptField[] = [
  {
    key: 'removedDays',
    label: 'What was removed',
    hint: 'Rules, weather and timer types can be brought back for as long.',
    unit: 'days',
    goes: 'What was removed',
    spans: [7, 30, 90, 365],
  },
  {
    key: 'visitsMonths',
    label: 'Visits, old copies and old sheets',
    hint: 'Links to a sheet go with it.',
    unit: 'months',
    goes: 'Every visit, copy and sheet',
    spans: [12, 24, 36, 60, 120],
    forGood: 'for good',
  },
  {
    key: 'archivedMonths',
    label: 'Archived properties',
    hint: 'Counted from when they were archived; they are erased then.',
    unit: 'months',
    goes: 'Every property that was archived',
    spans: [3, 12, 36, 60, 120],
    forGood: 'for good',
  },
  {
    key: 'changesMonths',
    label: 'Names and values of changes',
    hint: 'That something was changed, and when, stays.',
    unit: 'months',
    goes: 'What is noted of changes',
    spans: [6, 12, 24, 36, 60, 120],
    forGood: 'for good',
  },
];

const MONTHS_OF_A_YEAR = 12;

/** A span as it is said; null: for good. */
export function spanInWords(span: number | null, unit: Unit): string {
  if (span === null) return 'good';
  if (unit === 'days') return counted(span, 'day');
  return span % MONTHS_OF_A_YEAR === 0
    ? counted(span / MONTHS_OF_A_YEAR, 'year')
    : counted(span, 'month');
}

/** What can be chosen, what is set now among it; 0 stands for good. */
export function optionsOf({ spans, unit, forGood }: KeptField, now: number | undefined) {
  const all = [...new Set([...spans, ...(now === undefined ? [] : [now])])].sort((a, b) => a - b);
  return [
    ...all.map((value) => ({ value, label: spanInWords(value, unit) })),
    ...(forGood === undefined ? [] : [{ value: 0, label: forGood }]),
  ];
}
