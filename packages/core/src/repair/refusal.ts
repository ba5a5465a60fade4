import type { FindingCode } from '../findings/index.js';
import type { Draft, Fault } from './draft.js';
import { scopeOf } from './scope.js';
import type { Unit } from './unit.js';
import type { InTheWay } from './walk.js';

/** Asks one value of a unit after another what keeps it from being sound; what refused the last one is asked first. */
export class Refusal {
  readonly #unit: Unit;
  #codes: ReadonlySet<FindingCode>;
  #isFirst = true;

  constructor(unit: Unit, { faults }: Draft) {
    this.#unit = unit;
    this.#codes = new Set(faults.flatMap(({ code }) => (code === 'water' ? [] : [code])));
  }

  /** The fault; null: none; `never`: one that the unit has no part in, so that no other value takes it away. */
  of(changed: Draft): InTheWay {
    // All of them once: to find what no value takes away spares looking at all the others.
    if (this.#isFirst) {
      this.#isFirst = false;
      const apart = changed.faults.some((fault) => partOf(fault, changed, this.#unit) === 'never');
      return apart ? 'never' : (changed.faults[0] ?? null);
    }
    const [water] = changed.waterFaults;
    if (water) return partOf(water, changed, this.#unit);
    for (const fault of changed.found(this.#codes)) {
      this.#codes = new Set([fault.code]);
      return partOf(fault, changed, this.#unit);
    }
    return null;
  }
}

const partOf = (fault: Fault, changed: Draft, unit: Unit): InTheWay =>
  scopeOf(fault, changed).has(unit) ? fault : 'never';
