import type { DayNumber } from '@water-clock/core/civil-time';
import {
  clockErrorSeconds,
  lengthsInForce,
  type GridPercent,
  type LengthsInForce,
} from '@water-clock/core/engine';
import { inspect, type Finding, type Outlook } from '@water-clock/core/findings';
import { isFixable } from '@water-clock/core/fixes';
import type { Plan } from '@water-clock/core/settings';
import { boardModel, type BoardModel } from './board-model';

/** What of a plan the desk looks at. */
export interface DeskView {
  /** The first night on the board. */
  readonly night: DayNumber;
  /** The date from which the settings are judged. */
  readonly since: DayNumber;
  /** Times on the board as they will happen, not as the timer's clock has them. */
  readonly isTrueTime: boolean;
}

/** What holds on all dates from the one judged from. */
export interface AllDates {
  /** How far the season percentage may rise; null where even the smallest collides, or there is none. */
  readonly headroomPercent: number | null;
  /** Every percentage of the timer, smallest first. */
  readonly gridPercents: readonly GridPercent[];
}

/** A finding, and whether the desk offers to fix it. */
export type DeskFinding = Finding & { readonly isFixable: boolean };

/** All that the desk shows of a plan. */
export interface DeskModel {
  /** The date from which the settings are judged. */
  readonly since: DayNumber;
  readonly board: BoardModel;
  readonly allDates: AllDates;
  readonly outlook: Outlook;
  readonly findings: readonly DeskFinding[];
  /** By how much the timer's clock is ahead. */
  readonly clockErrorSeconds: number;
  /** What the percentages of the date judged from make of the run times. */
  readonly inForce: readonly LengthsInForce[];
}

export function deskModel(plan: Plan, { night, since, isTrueTime }: DeskView): DeskModel {
  const offSeconds = clockErrorSeconds(plan.controller);
  const { findings, allDates, outlook } = inspect(plan, since);
  return {
    since,
    board: boardModel(plan, night, isTrueTime ? offSeconds : 0),
    allDates: {
      headroomPercent: allDates.headroomPercent,
      gridPercents: allDates.gridPercents,
    },
    outlook,
    findings: findings.map((finding) => ({
      ...finding,
      isFixable: isFixable(plan, finding, since),
    })),
    clockErrorSeconds: offSeconds,
    inForce: lengthsInForce(plan, since),
  };
}
