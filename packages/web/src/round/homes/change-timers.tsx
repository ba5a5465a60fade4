import { useQuery } from '@tanstack/react-query';
import { plannedChangeKey, type Due } from '@water-clock/core/dues';
import { counted } from '@water-clock/core/words';
import { Alert, App, Button, Skeleton } from 'antd';
import { useState } from 'react';
import { propertiesKey } from '../../api/properties';
import {
  acceptChange,
  lookLonger,
  rolloutsKey,
  rolloutTimersQuery,
  withdrawChange,
  type Rollout,
  type TimerOfRollout,
} from '../../api/rollouts';
import { roundKey, withdrawDueAnswer } from '../../api/round';
import { timersKey } from '../../api/timers';
import { useWrite } from '../../api/use-write';
import { dayWords } from '../../format/day-words';
import { todayHere } from '../../format/today';
import { useMayChange, useSay } from '../../session/use-signed-in';
import { Pages } from '../../ui/data-table';
import { later } from '../../ui/later';
import { LoadError } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';
import { usePlace } from '../../ui/use-place';
import type { VisitToPlan } from '../plan-visit-dialog';
import { WhoseTimer } from '../whose-timer';
import { listsOf, OUTCOME_NAMES, PROGRESS_NAMES, refusalsInWords } from './homes-words';
import styles from './homes.module.css';

const PlanVisitDialog = later(() => import('../plan-visit-dialog'), 'PlanVisitDialog');
// It brings the languages of households along.
const DueDialog = later(() => import('../due-dialog'), 'DueDialog');

const PAGE_SIZE = 50;
const TOUCHED = [rolloutsKey, roundKey, propertiesKey, timersKey];

/** The timers that a change touches, list by list; a page of one of them can be accepted at once. */
export function ChangeTimers({ rollout }: { readonly rollout: Rollout }) {
  const [place, go] = usePlace();
  const lists = listsOf(rollout);
  const chosen = lists.find(({ which }) => which === place.get('which')) ?? lists[0]!;
  const page = Math.max(1, Number(place.get('page')) || 1);
  const timers = useQuery({
    ...rolloutTimersQuery(rollout.id, {
      ...{ on: todayHere(), which: chosen.which },
      ...{ skip: (page - 1) * PAGE_SIZE, take: PAGE_SIZE },
    }),
    // What is shown is as far as the counts above it.
    refetchInterval: rollout.state === 'working' || rollout.pending > 0 ? 1500 : 15_000,
  });
  const { data, error } = timers;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="timers">
      <h2 id="timers">Timers</h2>
      <div className={styles['lists']} role="group" aria-label="Which timers">
        {lists.map(({ which, label, count }) => (
          <Button
            key={which}
            size="small"
            aria-pressed={which === chosen.which}
            onClick={() => go({ which, page: undefined })}
          >
            {label} {count}
          </Button>
        ))}
      </div>
      {error && !data && (
        <LoadError what="The timers" error={error} onRetry={() => void timers.refetch()} />
      )}
      {!data && !error && <Skeleton active />}
      {data && (
        <>
          <AcceptPage rollout={rollout} timers={data.timers} />
          {data.timers.length === 0 && (
            <p className={pageStyles['soft']}>
              {rollout.state === 'working' ? 'None so far.' : 'None.'}
            </p>
          )}
          <ul className={styles['timers']}>
            {data.timers.map((timer) => (
              <TimerLine
                key={timer.id}
                {...{ rollout, timer }}
                isMixed={chosen.which === 'all' || chosen.which === 'accepted'}
              />
            ))}
          </ul>
          <Pages
            page={page}
            pageSize={PAGE_SIZE}
            total={data.total}
            onPage={(next) => go({ page: next === 1 ? undefined : String(next) })}
          />
        </>
      )}
    </section>
  );
}

interface OfChange {
  readonly rollout: Rollout;
  readonly timer: TimerOfRollout;
}

/** Accepts for some timers; tells what was refused. */
function useAccept(rollout: Rollout) {
  const { message } = App.useApp();
  const { write, isWriting } = useWrite('accept-change', acceptChange, { touches: TOUCHED });
  const accept = async (timers: readonly TimerOfRollout[]) => {
    const done = await write({ id: rollout.id, timerIds: timers.map(({ id }) => id) });
    if (!done) return;
    const words = refusalsInWords(done.answer);
    if (words !== '') void message.warning(words, 8);
  };
  return { accept, isWriting };
}

function AcceptPage({
  rollout,
  timers,
}: {
  readonly rollout: Rollout;
  readonly timers: readonly TimerOfRollout[];
}) {
  const mayChange = useMayChange();
  const { accept, isWriting } = useAccept(rollout);
  const acceptable = timers.filter(({ isAcceptable }) => isAcceptable);
  if (!mayChange || rollout.closedAt !== null || acceptable.length < 2) return null;
  return (
    <Button
      size="small"
      style={{ marginBottom: 8 }}
      loading={isWriting}
      onClick={() => void accept(acceptable)}
    >
      Accept the {acceptable.length} of this page
    </Button>
  );
}

interface TimerLineProps extends OfChange {
  /** Others of the list are otherwise: it is said what becomes of it. */
  readonly isMixed: boolean;
}

function TimerLine({ rollout, timer, isMixed }: TimerLineProps) {
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

function WhatBecomes({ rollout, timer }: OfChange) {
  const mayChange = useMayChange();
  const [isAnswering, setAnswering] = useState(false);
  const { acceptedAt, progress, isAcceptable, home } = timer;
  const isOpen = rollout.closedAt === null;
  const canBeWithdrawn = acceptedAt !== null && progress !== 'keyed-in' && progress !== 'read-back';
  const due = dueOf(rollout, timer);
  const whose = `${home.name}, ${timer.name}`;
  return (
    <div className={styles['becomes']}>
      <HowItStands timer={timer} />
      {isOpen && mayChange && isAcceptable && <Accept rollout={rollout} timer={timer} />}
      {isOpen && due && (
        <Button
          size="small"
          aria-label={`Done, put off, message: ${whose}`}
          onClick={() => setAnswering(true)}
        >
          {acceptedAt === null ? 'Put off…' : 'Done…'}
        </Button>
      )}
      {isOpen && mayChange && canBeWithdrawn && <Withdraw rollout={rollout} timer={timer} />}
      {isAnswering && due && <Answer due={due} timer={timer} onClose={() => setAnswering(false)} />}
    </div>
  );
}

const HowItStands = ({ timer: { acceptedAt, progress, putOff } }: Pick<OfChange, 'timer'>) => (
  <>
    {acceptedAt !== null && (
      <span>{progress === null ? 'accepted' : PROGRESS_NAMES[progress]}</span>
    )}
    {putOff && (
      <span>
        put off until {dayWords(putOff.until)}: {putOff.reason}
      </span>
    )}
  </>
);

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

function Accept({ rollout, timer }: OfChange) {
  const { accept, isWriting } = useAccept(rollout);
  return (
    <Button
      size="small"
      loading={isWriting}
      aria-label={`Accept: ${timer.home.name}, ${timer.name}`}
      onClick={() => void accept([timer])}
    >
      Accept
    </Button>
  );
}

function Withdraw({ rollout, timer }: OfChange) {
  const { message } = App.useApp();
  const { write, isWriting } = useWrite('withdraw-change', withdrawChange, { touches: TOUCHED });
  const withdraw = async () => {
    const done = await write({ id: rollout.id, timerIds: [timer.id] });
    const words = done ? refusalsInWords(done.answer) : '';
    if (words !== '') void message.warning(words, 8);
  };
  return (
    <Button
      size="small"
      loading={isWriting}
      aria-label={`Withdraw: ${timer.home.name}, ${timer.name}`}
      onClick={() => void withdraw()}
    >
      Withdraw
    </Button>
  );
}

/** What is due of it; of what nobody accepted that somebody looks at it. */
function dueOf({ id, from, name }: Rollout, timer: TimerOfRollout): Due | null {
  if (timer.acceptedAt !== null) return timer.due;
  if (timer.outcome !== 'breaks' && timer.outcome !== 'was-broken') return null;
  return {
    ...{ kind: 'planned-change', key: plannedChangeKey(id), on: from, name, sets: null },
    putOff: null,
  };
}

interface AnswerProps {
  readonly due: Due;
  readonly timer: TimerOfRollout;
  readonly onClose: () => void;
}

function Answer({ due, timer, onClose }: AnswerProps) {
  const [said, setSaid] = useState<{ id: string; words: string } | null>(null);
  const withdrawing = useWrite('withdraw-due-answer', withdrawDueAnswer, { touches: TOUCHED });
  if (!said)
    return (
      <DueDialog
        line={{ timer, due }}
        isOnlyPutOff={timer.acceptedAt === null}
        onClose={onClose}
        onSaid={(id, words) => setSaid({ id, words })}
      />
    );
  return (
    <Alert
      type="info"
      showIcon
      title={said.words}
      action={
        <Button
          size="small"
          loading={withdrawing.isWriting}
          onClick={() => void withdrawing.write(said.id).then((done) => done && onClose())}
        >
          Undo
        </Button>
      }
      closable={{ onClose }}
    />
  );
}
