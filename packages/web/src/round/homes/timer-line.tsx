import { counted } from '@water-clock/core/words';
import { Button } from 'antd';
import { useState } from 'react';
import { lookLonger, rolloutsKey } from '../../api/rollouts';
import { useWrite } from '../../api/use-write';
import { dayWords } from '../../format/day-words';
import { todayHere } from '../../format/today';
import { useMayChange, useSay } from '../../session/use-signed-in';
import { later } from '../../ui/later';
import pageStyles from '../../ui/page.module.css';
import type { VisitToPlan } from '../plan-visit-dialog';
import { WhoseTimer } from '../whose-timer';
import { OUTCOME_NAMES } from './homes-words';
import type { OfChange } from './of-change';
import { WhatBecomes } from './what-becomes';
import styles from './homes.module.css';

const PlanVisitDialog = later(() => import('../plan-visit-dialog'), 'PlanVisitDialog');

interface TimerLineProps extends OfChange {
  /** Others of the list are otherwise: it is said what becomes of it. */
  readonly isMixed: boolean;
}

/** What a change breaks at a timer, what fixes it, and what becomes of it. */
export function TimerLine({ rollout, timer, isMixed }: TimerLineProps) {
  const [visit, setVisit] = useState<VisitToPlan | null>(null);
  const plan = () => setVisit({ home: timer.home, reason: rollout.name });
  return (
    <li data-timer={timer.outcome}>
      <WhoseTimer timer={timer} onPlan={plan} />
      <div className={styles['timer']}>
        <WhatBreaks timer={timer} isMixed={isMixed} />
        <Fixes rollout={rollout} timer={timer} />
        <WhatBecomes rollout={rollout} timer={timer} />
      </div>
      {visit && <PlanVisitDialog visit={visit} onClose={() => setVisit(null)} />}
    </li>
  );
}

function WhatBreaks({
  timer: { outcome, breaks },
  isMixed,
}: Pick<TimerLineProps, 'timer' | 'isMixed'>) {
  const say = useSay();
  return (
    <div>
      {isMixed && (
        <span className={pageStyles['soft']}>
          {outcome === null ? 'not tried yet' : OUTCOME_NAMES[outcome]}
        </span>
      )}
      <ul className={styles['breaks']}>
        {breaks.map(({ code, message, count }) => (
          <li key={code}>
            {say(message)}
            {count > 1 && <span className={pageStyles['soft']}> And {count - 1} more.</span>}
          </li>
        ))}
      </ul>
    </div>
  );
}

function Fixes({ rollout, timer }: OfChange) {
  const { fix, values, outcome } = timer;
  const say = useSay();
  const isBroken = outcome === 'breaks' || outcome === 'was-broken';
  if (!fix)
    return (
      <div>
        {isBroken && <span className={pageStyles['soft']}>The fix is being worked out …</span>}
        {!isBroken && values > 0 && `${counted(values, 'value')} to key in`}
      </div>
    );
  if (!fix.isRepaired)
    return (
      <div>
        No few values were found that fix it. Look longer, or plan its watering anew on the desk.
        <LookLonger rollout={rollout} timer={timer} />
      </div>
    );
  return (
    <div>
      <ul className={styles['breaks']}>
        {fix.changes.map(({ keys, says }) => (
          <li key={JSON.stringify(keys)}>{say(says)}</li>
        ))}
      </ul>
      <span className={pageStyles['soft']}>
        {counted(values, 'value')} to key in
        {fix.isProven && ', no fewer do'}
        {fix.holdsFrom > todayHere() && `, not before ${dayWords(fix.holdsFrom)}`}
      </span>
    </div>
  );
}

function LookLonger({ rollout, timer }: OfChange) {
  const mayChange = useMayChange();
  const { write, isWriting } = useWrite('look-longer', lookLonger, { touches: [rolloutsKey] });
  if (!mayChange || rollout.closedAt !== null || timer.acceptedAt !== null) return null;
  return (
    <Button
      size="small"
      loading={isWriting}
      aria-label={`Look longer: ${timer.home.name}, ${timer.name}`}
      onClick={() => void write({ id: rollout.id, timerId: timer.id })}
    >
      Look longer
    </Button>
  );
}
