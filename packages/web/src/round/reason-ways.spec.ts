import type { Reason } from '@water-clock/core/standing';
import { reasonWay } from './reason-ways';

const error = (...codes: Extract<Reason, { kind: 'error' }>['codes']): Reason => ({
  ...{ kind: 'error', codes, count: codes.length, first: null, message: 'Something is wrong.' },
});

it('leads to where it is put right: no setting puts a clock right', () => {
  expect(reasonWay(error('collision', 'clock-off'), 't', true).to).toBe('/timers/t?mode=repair');
  expect(reasonWay(error('clock-off'), 't', true)).toEqual({
    words: 'Set the clock',
    to: '/timers/t/visit',
  });
});

it('whoever may change nothing looks', () => {
  expect(reasonWay(error('collision'), 't', false)).toEqual({ words: 'Look', to: '/timers/t' });
  expect(reasonWay({ kind: 'job', count: 1 }, 't', false).to).toBe('/round/jobs');
});
