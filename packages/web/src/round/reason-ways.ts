import type { ReasonKind } from '@water-clock/core/standing';

/** What is done next about a reason, and where. */
export interface ReasonWay {
  readonly words: string;
  readonly to: string;
}

/** Where one goes on about a reason; null: there is nothing to be done about it but to know it. */
export function reasonWay(kind: ReasonKind, timerId: string, mayChange: boolean): ReasonWay | null {
  const desk = `/timers/${timerId}`;
  if (!mayChange) return { words: 'Look', to: kind === 'job' ? '/round/jobs' : desk };
  switch (kind) {
    case 'error':
    case 'rule':
    case 'ahead':
      return { words: 'Fix', to: `${desk}?mode=repair` };
    case 'too-much':
    case 'hold':
      return { words: 'Look', to: desk };
    case 'visit-open':
      return { words: 'Go on with it', to: `${desk}/visit` };
    case 'percentage':
      return { words: 'Season', to: `${desk}?mode=season` };
    case 'key-in':
      return { words: 'Key in', to: `${desk}/visit` };
    case 'confirm':
      return { words: 'Read back', to: `${desk}/visit` };
    case 'job':
      return { words: 'See jobs', to: '/round/jobs' };
  }
}

/** What each kind of reason is called where one chooses among them. */
export const REASON_NAMES: Readonly<Record<ReasonKind, string>> = {
  'too-much': 'too much to work out',
  error: 'errors',
  rule: 'rules broken',
  ahead: 'collides later',
  'visit-open': 'visit open',
  percentage: 'percentage',
  'key-in': 'to key in',
  confirm: 'not read back',
  job: 'jobs',
  hold: 'on hold',
};
