import type { DayNumber } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { expose } from 'comlink';
import { boardModel, type BoardModel, type BoardNight } from './board-model';

/** What is new on the board: a night that stays as it was is null. */
export interface BoardChange {
  readonly nights: readonly (BoardNight | null)[];
  readonly axis: BoardModel['axis'];
  readonly totals: BoardModel['totals'];
  readonly ever: BoardModel['ever'];
}

let lastNights: readonly string[] = [];

const worker = {
  /** The board of a plan, as what has changed since the call before. */
  change(plan: Plan, from: DayNumber): BoardChange {
    const { nights, axis, totals, ever } = boardModel(plan, from);
    const texts = nights.map((night) => JSON.stringify(night));
    const changed = nights.map((night, row) => (texts[row] === lastNights[row] ? null : night));
    lastNights = texts;
    return { nights: changed, axis, totals, ever };
  },
};
export type BoardWorker = typeof worker;

expose(worker);
