import { REASON_KINDS, type ReasonKind } from '@water-clock/core/standing';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { TimerToDo } from '../api/round';
import { useMayChange } from '../session/use-signed-in';
import { REASON_NAMES } from '../timer-records/reason-names';
import { ReasonWords } from '../timer-records/reason-words';
import pageStyles from '../ui/page.module.css';
import { usePlace } from '../ui/use-place';
import { reasonWay } from './reason-ways';
import { WhoseTimer } from './whose-timer';
import styles from './round.module.css';

/** As many as a person reads; the rest is there when asked for. */
const AT_FIRST = 20;

interface AttentionProps {
  readonly timers: readonly TimerToDo[];
  /** Said where none of them needs anybody. */
  readonly nothing: string;
  readonly onPlan: (timer: TimerToDo) => void;
}

/** The timers that need somebody, the worst first, each reason with what is done next about it. */
export function Attention({ timers, nothing, onPlan }: AttentionProps) {
  const [place, go] = usePlace();
  const [isAll, setAll] = useState(false);
  const counts = new Map<ReasonKind, number>();
  for (const { standing } of timers)
    for (const { kind } of standing.reasons) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  const chosen = REASON_KINDS.find((kind) => kind === place.get('reason')) ?? null;
  const found = timers
    .filter(({ standing }) =>
      chosen ? standing.reasons.some(({ kind }) => kind === chosen) : standing.reasons.length > 0,
    )
    .sort((a, b) => worst(a) - worst(b));
  const shown = isAll ? found : found.slice(0, AT_FIRST);
  return (
    <section className={pageStyles['sheet']} aria-labelledby="attention">
      <h2 id="attention">
        Needs attention <span className={pageStyles['soft']}>{found.length}</span>
      </h2>
      {counts.size > 1 && (
        <div className={styles['kinds']} role="group" aria-label="Only those with">
          {REASON_KINDS.filter((kind) => counts.has(kind)).map((kind) => (
            <Button
              key={kind}
              size="small"
              aria-pressed={kind === chosen}
              type={kind === chosen ? 'primary' : 'default'}
              ghost={kind === chosen}
              onClick={() => go({ reason: kind === chosen ? undefined : kind })}
            >
              {REASON_NAMES[kind]} {counts.get(kind)}
            </Button>
          ))}
        </div>
      )}
      {found.length === 0 && <p className={pageStyles['soft']}>{nothing}</p>}
      <ul className={styles['lines']}>
        {shown.map((timer) => (
          <NeedyTimer key={timer.id} timer={timer} only={chosen} onPlan={() => onPlan(timer)} />
        ))}
      </ul>
      {shown.length < found.length && (
        <Button onClick={() => setAll(true)}>Show all {found.length}</Button>
      )}
    </section>
  );
}

const worst = ({ standing }: TimerToDo): number =>
  standing.reasons[0] ? REASON_KINDS.indexOf(standing.reasons[0].kind) : REASON_KINDS.length;

interface NeedyTimerProps {
  readonly timer: TimerToDo;
  readonly only: ReasonKind | null;
  readonly onPlan: () => void;
}

function NeedyTimer({ timer, only, onPlan }: NeedyTimerProps) {
  const { id, name, home, standing } = timer;
  const mayChange = useMayChange();
  return (
    <li>
      <WhoseTimer timer={timer} onPlan={onPlan} />
      <ul className={styles['reasons']}>
        {standing.reasons
          .filter(({ kind }) => only === null || kind === only)
          .map((reason) => {
            const way = reasonWay(reason, id, mayChange);
            return (
              <li key={reason.kind}>
                <ReasonWords reason={reason} />
                <Link to={way.to} aria-label={`${way.words}: ${home.name}, ${name}`}>
                  {way.words}
                </Link>
              </li>
            );
          })}
      </ul>
    </li>
  );
}
