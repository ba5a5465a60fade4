import { plannedChangeKey, type Due } from '@water-clock/core/dues';
import { Alert, Button } from 'antd';
import { useState } from 'react';
import { withdrawChange, type Rollout, type TimerOfRollout } from '../../api/rollouts';
import { withdrawDueAnswer } from '../../api/round';
import { useWrite } from '../../api/use-write';
import { dayWords } from '../../format/day-words';
import { useMayChange } from '../../session/use-signed-in';
import { later } from '../../ui/later';
import { PROGRESS_NAMES } from './homes-words';
import { TOUCHED_BY_ACCEPTING, type OfChange } from './of-change';
import { useAccept, useTellRefused } from './use-accept';
import styles from './homes.module.css';

// It brings the languages of households along.
const DueDialog = later(() => import('../due-dialog'), 'DueDialog');

/** It is in the timer, or somebody says so. */
const IN_TIMER: ReadonlySet<string> = new Set(['keyed-in', 'read-back', 'household']);

/** An answer that was given of what is due. */
interface Said {
  readonly id: string;
  readonly words: string;
}

/** What is done about a change at a timer, and how far that is. */
export function WhatBecomes({ rollout, timer }: OfChange) {
  const mayChange = useMayChange();
  const [isAnswering, setAnswering] = useState(false);
  const [said, setSaid] = useState<Said | null>(null);
  const { acceptedAt, progress, isAcceptable, home } = timer;
  const isOpen = rollout.closedAt === null;
  const canBeWithdrawn = acceptedAt !== null && (progress === null || !IN_TIMER.has(progress));
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
      {said && <Undo said={said} onClose={() => setSaid(null)} />}
      {isAnswering && due && (
        <DueDialog
          line={{ timer, due }}
          isOnlyPutOff={acceptedAt === null}
          onClose={() => setAnswering(false)}
          onSaid={(id, words) => setSaid({ id, words })}
        />
      )}
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
  const tell = useTellRefused();
  const { write, isWriting } = useWrite('withdraw-change', withdrawChange, {
    touches: TOUCHED_BY_ACCEPTING,
  });
  const withdraw = async () => {
    const done = await write({ id: rollout.id, timerIds: [timer.id] });
    if (done) tell(done.answer);
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

function Undo({ said, onClose }: { readonly said: Said; readonly onClose: () => void }) {
  const { write, isWriting } = useWrite('withdraw-due-answer', withdrawDueAnswer, {
    touches: TOUCHED_BY_ACCEPTING,
  });
  const undo = async () => {
    if (await write(said.id)) onClose();
  };
  return (
    <Alert
      type="info"
      showIcon
      title={said.words}
      action={
        <Button size="small" loading={isWriting} onClick={() => void undo()}>
          Undo
        </Button>
      }
      closable={{ onClose }}
    />
  );
}
