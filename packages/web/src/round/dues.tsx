import { dueInWords, dueSince, SOON_DAYS, type Due } from '@water-clock/core/dues';
import { addDays, formatDate, parseDate } from '@water-clock/core/civil-time';
import { Alert, Button } from 'antd';
import { useState } from 'react';
import { propertiesKey } from '../api/properties';
import { roundKey, withdrawDueAnswer, type TimerToDo } from '../api/round';
import { useWrite } from '../api/use-write';
import { dayWords } from '../format/day-words';
import { todayHere } from '../format/today';
import { later } from '../ui/later';
import pageStyles from '../ui/page.module.css';
import type { DueLine } from './due-line';
import { WhoseTimer } from './whose-timer';
import styles from './round.module.css';

// It brings the languages of households along.
const DueDialog = later(() => import('./due-dialog'), 'DueDialog');

const AT_FIRST = 20;
const DAYS_A_WEEK = 7;

interface DuesProps {
  readonly timers: readonly TimerToDo[];
  /** It is known of all of them what falls due. */
  readonly isWhole: boolean;
  readonly onPlan: (timer: TimerToDo, dues: readonly Due[]) => void;
}

/** What falls due in the next weeks, and what has been since before. */
export function Dues({ timers, isWhole, onPlan }: DuesProps) {
  const [isAll, setAll] = useState(false);
  const [said, setSaid] = useState<{ id: string; words: string } | null>(null);
  const withdrawing = useWrite('withdraw-due-answer', withdrawDueAnswer, {
    touches: [roundKey, propertiesKey],
  });
  const [answered, setAnswered] = useState<DueLine | null>(null);
  const today = todayHere();
  const last = formatDate(addDays(parseDate(today)!, SOON_DAYS));
  const due = timers
    .map((timer) => ({ timer, dues: timer.standing.dues.filter(({ on }) => on <= last) }))
    .filter(({ dues }) => dues.length > 0)
    .sort((a, b) => a.dues[0]!.on.localeCompare(b.dues[0]!.on));
  const count = due.reduce((sum, { dues }) => sum + dues.length, 0);
  const shown = isAll ? due : due.slice(0, AT_FIRST);
  return (
    <section className={pageStyles['sheet']} aria-labelledby="due">
      <h2 id="due">
        Due{' '}
        <span className={pageStyles['soft']}>
          in {SOON_DAYS / DAYS_A_WEEK} weeks: {count}
        </span>
      </h2>
      {count === 0 && isWhole && <p className={pageStyles['soft']}>Nothing in the next weeks.</p>}
      {said && (
        <Alert
          type="info"
          showIcon
          title={said.words}
          action={
            <Button
              size="small"
              loading={withdrawing.isWriting}
              onClick={() =>
                void withdrawing.write(said.id).then((done) => {
                  if (done) setSaid(null);
                })
              }
            >
              Undo
            </Button>
          }
          closable={{ onClose: () => setSaid(null) }}
        />
      )}
      <ul className={styles['lines']}>
        {shown.map(({ timer, dues }) => (
          <li key={timer.id}>
            <WhoseTimer timer={timer} onPlan={() => onPlan(timer, dues)} />
            <ul className={styles['reasons']}>
              {dues.map((one) => (
                <DueRow
                  key={one.key}
                  line={{ timer, due: one }}
                  isOver={one.on < today}
                  onAnswer={() => setAnswered({ timer, due: one })}
                />
              ))}
            </ul>
          </li>
        ))}
      </ul>
      {shown.length < due.length && (
        <Button onClick={() => setAll(true)}>Show all {due.length} timers</Button>
      )}
      {answered && (
        <DueDialog
          line={answered}
          onClose={() => setAnswered(null)}
          onSaid={(id, words) => setSaid({ id, words })}
        />
      )}
    </section>
  );
}

interface DueRowProps {
  readonly line: DueLine;
  readonly isOver: boolean;
  readonly onAnswer: () => void;
}

function DueRow({ line: { timer, due }, isOver, onAnswer }: DueRowProps) {
  const since = dueSince(due);
  return (
    <li className={styles['due']}>
      <span className={styles['due-on']} data-over={isOver || undefined}>
        {isOver && 'since '}
        {dayWords(due.on)}
      </span>
      <span>
        {dueInWords(due)}
        {since && <span className={pageStyles['soft']}>, {since}</span>}
      </span>
      <Button
        size="small"
        aria-label={`Done, put off, message: ${dueInWords(due)}, ${timer.home.name}, ${timer.name}`}
        onClick={onAnswer}
      >
        Done…
      </Button>
    </li>
  );
}
