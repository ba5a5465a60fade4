import type { Reason } from '@water-clock/core/standing';

/** What is done next about a reason, and where. */
export interface ReasonWay {
  readonly words: string;
  readonly to: string;
}

/** Where one goes on about a reason. */
export function reasonWay(reason: Reason, timerId: string, mayChange: boolean): ReasonWay {
  const desk = `/timers/${timerId}`;
  if (!mayChange) return { words: 'Look', to: reason.kind === 'job' ? '/round/jobs' : desk };
  switch (reason.kind) {
    case 'error':
      // No setting puts a clock right.
      return reason.codes.every((code) => code === 'clock-off')
        ? { words: 'Set the clock', to: `${desk}/visit` }
        : { words: 'Fix', to: `${desk}?mode=repair` };
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
