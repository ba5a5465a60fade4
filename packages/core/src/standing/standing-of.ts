import {
  addDays,
  addSeconds,
  formatDateTime,
  parseDate,
  parseDateTime,
  SECONDS_PER_DAY,
  startOfDay,
  type DayNumber,
} from '../civil-time/index.js';
import { duesOf, nextCare, type Due } from '../dues/index.js';
import { isTooMuch } from '../engine/index.js';
import { check, inspect, OUTLOOK_DAYS, type Finding, type Inspection } from '../findings/index.js';
import { withPercents } from '../season-steps/index.js';
import { holdsNotOver, type Plan } from '../settings/index.js';
import { confirmedNow, inTimerNow, isKeyedIn, toKeyIn, visitOf } from '../visits/index.js';
import { dueFactsOf } from './due-facts-of.js';
import { REASON_KINDS, type Reason } from './reason.js';
import { RULE_CODES, rulesBrokenFrom } from './rules-broken.js';
import { percentsOff, seasonHere } from './season-here.js';
import { DUE_DAYS, TOO_MUCH, type Standing, type TimerFacts } from './standing.js';

const NOBODY = visitOf([]);
/** A step of the season is looked at so long before. */
const STEP_AHEAD_DAYS = 45;
/** A hold that comes is spoken of so long before. */
const HOLD_AHEAD_DAYS = 7;

/** What is true of a timer on a date, and what is to be done about it. */
export function standingOf(facts: TimerFacts, today: DayNumber): Standing {
  const { plan } = facts;
  const isOff = plan.controller.off;
  const { inTimer, values, unread } = inTimerOf(facts, today);
  const known = inspected(plan, today);
  if (!known) {
    const reasons = sorted([...TOO_MUCH.reasons, ...reasonsOfWork(facts, { values, unread })]);
    return { ...TOO_MUCH, reasons, isOff, values };
  }
  const { findings, outlook } = known;
  const season = seasonHere(facts, inTimer);
  const inTimerFindings = values === 0 ? findings : (inspected(inTimer, today)?.findings ?? []);
  const dueFacts = dueFactsOf(facts, {
    ...{ inTimer, season, values },
    rulesBrokenFrom: rulesBrokenFrom(plan, inTimerFindings, today),
  });
  const dues = duesOf(dueFacts, today, addDays(today, DUE_DAYS));
  const off = percentsOff(season, plan.timer.season?.stepPercent ?? 0, today);
  const reasons = sorted([
    ...reasonsOfFindings(findings, today),
    ...collisionAtStep(plan, findings, dues, today),
    ...(off ? [{ kind: 'percentage' as const, ...off }] : []),
    ...reasonsOfWork(facts, { values, unread }),
    ...holdReasons(inTimer, today),
  ]);
  return {
    ...{ reasons, dues, care: nextCare(dueFacts), isOff, values, isTooMuch: false },
    ...{ runs: outlook.runs, collisions: outlook.collisions },
    firstCollision: outlook.first ? formatDateTime(outlook.first.start) : null,
  };
}

function inspected(plan: Plan, today: DayNumber): Inspection | null {
  try {
    return inspect(plan, today);
  } catch (error) {
    if (!isTooMuch(error)) throw error;
    return null;
  }
}

interface InTimerHere {
  readonly inTimer: Plan;
  /** How many values are to be keyed in. */
  readonly values: number;
  /** How many stand in the timer that nobody has read there. */
  readonly unread: number;
}

function inTimerOf(facts: TimerFacts, today: DayNumber): InTimerHere {
  const { plan, reading, confirmed, openVisit, handling } = facts;
  const visit = openVisit ? visitOf(openVisit.entries) : NOBODY;
  const steps = toKeyIn({ visit, target: plan, reading, order: handling.keyInOrder, today });
  // The clock is set at every visit: it is no reason for one.
  const values = steps.filter((one) => one.part !== 'clock' && !isKeyedIn(visit, one)).length;
  const now = inTimerNow(plan, reading, [visit]);
  const sure = confirmedNow(now, confirmed ?? undefined);
  return { inTimer: now.plan, values, unread: reading ? sure.keyedIn : 0 };
}

/** What the settings themselves are wrong in. Warnings are for whoever opens the desk. */
function reasonsOfFindings(findings: readonly Finding[], today: DayNumber): Reason[] {
  const soon = formatDateTime(startOfDay(addDays(today, OUTLOOK_DAYS)));
  const errors = findings.filter(({ severity }) => severity === 'error');
  const isRule = ({ code }: Finding) => RULE_CODES.has(code);
  const isAhead = ({ code, first }: Finding) =>
    code === 'collision' && first !== undefined && first >= soon;
  const [rule, rest] = [errors.filter(isRule), errors.filter((one) => !isRule(one))];
  const [ahead, now] = [rest.filter(isAhead), rest.filter((one) => !isAhead(one))];
  const firstAhead = firstOf(ahead);
  return [
    ...(now.length > 0
      ? [
          {
            kind: 'error' as const,
            codes: [...new Set(now.map(({ code }) => code))],
            ...{ count: now.length, first: firstOf(now), message: now[0]!.message },
          },
        ]
      : []),
    ...(rule.length > 0
      ? [{ kind: 'rule' as const, count: rule.length, first: firstOf(rule) }]
      : []),
    ...(firstAhead ? [{ kind: 'ahead' as const, first: firstAhead, isAtStep: false }] : []),
  ];
}

const firstOf = (findings: readonly Finding[]): string | null =>
  findings.flatMap(({ first }) => first ?? []).sort()[0] ?? null;

/** What the next step of the season makes collide that does not collide now. */
function collisionAtStep(
  plan: Plan,
  findings: readonly Finding[],
  dues: readonly Due[],
  today: DayNumber,
): Reason[] {
  const collides = (all: readonly Finding[]) => all.find(({ code }) => code === 'collision');
  if (collides(findings)) return [];
  const last = addDays(today, STEP_AHEAD_DAYS);
  const step = dues.flatMap((due) =>
    due.kind === 'season-step' && parseDate(due.on)! <= last ? [due] : [],
  )[0];
  if (!step?.percents) return [];
  const from = parseDate(step.on)!;
  const first = collides(
    check(withPercents(plan, step.percents), from < today ? today : from),
  )?.first;
  return first === undefined ? [] : [{ kind: 'ahead', first, isAtStep: true }];
}

function reasonsOfWork(
  { openVisit, openJobs }: TimerFacts,
  { values, unread }: Pick<InTimerHere, 'values' | 'unread'>,
): Reason[] {
  return [
    ...(openVisit
      ? [{ kind: 'visit-open' as const, since: openVisit.startedAt, by: openVisit.startedBy }]
      : []),
    ...(values > 0 ? [{ kind: 'key-in' as const, values }] : []),
    ...(unread > 0 ? [{ kind: 'confirm' as const, values: unread }] : []),
    ...(openJobs > 0 ? [{ kind: 'job' as const, count: openJobs }] : []),
  ];
}

function holdReasons({ controller }: Plan, today: DayNumber): Reason[] {
  const midnight = startOfDay(today);
  const soon = addSeconds(midnight, HOLD_AHEAD_DAYS * SECONDS_PER_DAY);
  return holdsNotOver(controller.pauses, midnight)
    .filter(({ from }) => parseDateTime(from)! < soon)
    .slice(0, 1)
    .map(({ to }) => ({ kind: 'hold', until: to }));
}

const sorted = (reasons: readonly Reason[]): Reason[] =>
  [...reasons].sort((a, b) => REASON_KINDS.indexOf(a.kind) - REASON_KINDS.indexOf(b.kind));
