import type { DayNumber } from '@water-clock/core/civil-time';
import { isTooMuch, nightOfHome } from '@water-clock/core/engine';
import { secondsAYear } from '@water-clock/core/flows';
import { check, timersOverlap, type Finding } from '@water-clock/core/findings';
import { apartFromOthers, fixesOf, fixPreview, type FixPreview } from '@water-clock/core/fixes';
import type { Plan } from '@water-clock/core/settings';
import { timerWeek, type TimerWeek, type TimerWeekAsked } from '@water-clock/core/sheets';
import { expose } from 'comlink';
import type { BoardModel, BoardNight } from './board-model';
import { yearModel } from './year-model';
import { deskModel, type DeskModel, type DeskView } from './desk-model';

/** What is new on the desk: a night that stays as it was is null. */
export interface DeskChange extends Omit<DeskModel, 'board'> {
  readonly board: Pick<BoardModel, 'axis' | 'totals' | 'seldom'> & {
    readonly nights: readonly (BoardNight | null)[];
  };
}

let lastNights: readonly string[] = [];

const worker = {
  /** All that the desk shows of a plan, as what has changed since the call before. */
  change(plan: Plan, view: DeskView): DeskChange {
    const { board, ...rest } = deskModel(plan, view);
    const texts = board.nights.map((night) => JSON.stringify(night));
    const nights = board.nights.map((night, row) =>
      texts[row] === lastNights[row] ? null : night,
    );
    lastNights = texts;
    const { axis, totals, seldom } = board;
    return { ...rest, board: { nights, axis, totals, seldom } };
  },

  /** The year of nights from the first of a month on. */
  year: yearModel,

  /** The fixes of a finding, with what each changes and what is found then. */
  fixes(plan: Plan, finding: Finding, since: DayNumber): FixPreview[] {
    const before = check(plan, since);
    return fixesOf(plan, finding, since).map((fix) => fixPreview(fix, before, since));
  },

  /** A timer's week, station by station; null: it is too much to work out. */
  week(asked: TimerWeekAsked): { readonly week: TimerWeek | null } {
    try {
      return { week: timerWeek(asked) };
    } catch (error) {
      if (isTooMuch(error)) return { week: null };
      throw error;
    }
  },

  /** For how long each station waters in a year; null: it is too much to work out. */
  aYear(plan: Plan, from: DayNumber): ReadonlyMap<number, number> | null {
    try {
      return secondsAYear(plan, from);
    } catch (error) {
      if (isTooMuch(error)) return null;
      throw error;
    }
  },

  /** All timers of a home, on its supply. */
  together: timersOverlap,
  night: nightOfHome,
  apart: apartFromOthers,
};
export type DeskWorker = typeof worker;

expose(worker);
