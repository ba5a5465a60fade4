import type { Draft, Fault } from './draft.js';
import { Scope, scopeOf } from './scope.js';
import type { Unit } from './unit.js';

/** The same text for the same fault, whenever it occurs and whichever starts have been cleared. */
export function faultKey(fault: Fault, draft: Draft): string {
  if (fault.code === 'water') return `water ${fault.station} ${fault.isLess}`;
  const { code, program, station, startNumber, b } = fault;
  if (!b) return [code, program, station].join(' ');
  const placeOf = (id: string, start: number) => draft.startUnit(id, start)?.place ?? start;
  return [
    ...[code, program, placeOf(program!, startNumber!)],
    ...[b.program, placeOf(b.program, b.startNumber)],
  ].join(' ');
}

/** What is missing may be set in many ways. */
export const LATE: readonly Fault['code'][] = ['missing-days', 'missing-start'];

/** A fault, and what of that which may still be changed bears on it. */
export interface Scoped {
  readonly fault: Fault;
  readonly scope: Scope;
}

const scopedOf = new WeakMap<Draft, readonly Scoped[]>();

export function scoped(draft: Draft): readonly Scoped[] {
  const known = scopedOf.get(draft);
  if (known) return known;
  const all = draft.faults
    .map((fault) => ({ fault, scope: freeScope(fault, draft) }))
    .sort((x, y) => x.scope.units.length - y.scope.units.length);
  scopedOf.set(draft, all);
  return all;
}

/** What is changed once is not changed again. */
const freeScope = (fault: Fault, draft: Draft): Scope =>
  new Scope(scopeOf(fault, draft).units.filter((unit) => !draft.isChanged(unit)));

/**
 * Water that a change took comes first; then what reads the least, and last what several changes together may mend. What
 * is missing may be set in many ways: it comes after all that decides which of them are good, days before starts.
 */
export function narrowest(draft: Draft): Scoped | undefined {
  const all = scoped(draft);
  const isWater = ({ fault }: Scoped) => fault.code === 'water';
  const given = new Set(draft.givenWaterFaults.map((one) => faultKey(one, draft)));
  return (
    all.find((one) => isWater(one) && !given.has(faultKey(one.fault, draft))) ??
    all.find((one) => !isWater(one) && !LATE.includes(one.fault.code)) ??
    all.find(({ fault }) => fault.code === 'missing-days') ??
    all.find((one) => !isWater(one)) ??
    all[0]
  );
}

/** At least so many changes are needed: faults that read nothing in common need one each. */
export function leastChanges(draft: Draft): number {
  const apart: Scope[] = [];
  for (const { scope } of scoped(draft))
    if (!apart.some((other) => other.meets(scope))) apart.push(scope);
  return apart.length;
}

/** What all faults read. */
export function commonUnits(draft: Draft): Unit[] {
  const [first, ...others] = scoped(draft);
  if (!first) return [];
  const common = first.scope.units.filter((unit) => others.every(({ scope }) => scope.has(unit)));
  return [...common].sort((x, y) => Number(x.of === 'start') - Number(y.of === 'start'));
}
