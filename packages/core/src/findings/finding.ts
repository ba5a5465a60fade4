import type { Situation } from './situation.js';

/** What a technician must know first stands first. */
export const SEVERITIES = ['error', 'warning', 'info'] as const;
/**
 * `error`: it will not do what it is meant to, or breaks a rule; `warning`: to be known before
 * leaving; `info`: good to know.
 */
export type Severity = (typeof SEVERITIES)[number];

export const CLOCK_FAULTS = ['am-pm', 'hour', 'drift', 'weekday', 'date'] as const;
/**
 * How a clock is wrong: `am-pm` by twelve hours, `hour` by one (summer time), `drift` by any other
 * time of day; `weekday`: so many days that the weekday is wrong; `date`: whole weeks.
 */
export type ClockFault = (typeof CLOCK_FAULTS)[number];

export type SensorName = 'rain' | 'freeze';

/** A start of a program, counted from 1. */
export interface StartName {
  readonly program: string;
  readonly startNumber: number;
}

/** What one rule found at one place: the words for it, and what a screen may need of it. */
export interface FindingFacts {
  readonly program?: string;
  readonly station?: number;
  /** Which start of the program, from 1. */
  readonly startNumber?: number;
  /** One plain sentence: what happens on site, and when. */
  readonly message: string;
  /** One sentence: what to set instead. */
  readonly fix: string;
  /** How often it occurs, where that is more than once. */
  readonly count?: number;
  /** When it occurs first, `YYYY-MM-DDTHH:MM:SS` in timer time. */
  readonly first?: string;
  /** Of a collision: how long both runs would be going. */
  readonly seconds?: number;
  /** Of a collision: the start that comes second. */
  readonly b?: StartName;
  /** Of a day that the rules forbid: the start's own date is allowed, the run goes on past midnight. */
  readonly afterMidnight?: boolean;
  /** Of water that is taken away: how much of the piece that is told. */
  readonly lostSeconds?: number;
  /** Of flows that nobody knows: the stations. */
  readonly stations?: readonly number[];
  /** Of sensors that are bypassed: which. */
  readonly sensors?: readonly SensorName[];
  /** Of a clock: how it is wrong, and by how much it is ahead. */
  readonly kinds?: readonly ClockFault[];
  readonly offSeconds?: number;
}

/** One thing to look for. It looks by itself: no rule hides what another would find. */
export interface FindingRule<Code extends string = string> {
  readonly code: Code;
  readonly severity: Severity;
  readonly find: (situation: Situation) => readonly FindingFacts[];
}

/** Declares a rule, so that its code is a type. */
export const rule = <Code extends string>(
  code: Code,
  severity: Severity,
  find: FindingRule['find'],
): FindingRule<Code> => ({ code, severity, find });
