import {
  CheckCircleFilled,
  HourglassOutlined,
  MinusCircleOutlined,
  PauseCircleFilled,
} from '@ant-design/icons';
import type { Standing } from '@water-clock/core/standing';
import { counted } from '@water-clock/core/words';
import { ReasonWords } from './reason-words';
import styles from './standing-words.module.css';

export interface StandingWordsProps {
  /** Null: it is being worked out. */
  readonly standing: Standing | null;
  /** How many reasons are told at most, the worst first; absent: all. */
  readonly most?: number;
}

/** What is true of a timer, the worst first, in a few words each. */
export function StandingWords({ standing, most = Infinity }: StandingWordsProps) {
  if (!standing)
    return (
      <span className={styles['standing']} data-kind="none">
        <HourglassOutlined aria-hidden="true" /> being worked out…
      </span>
    );
  const { reasons } = standing;
  if (reasons.length === 0) return <NothingWrong {...standing} />;
  const more = reasons.length - most;
  const moreWords = more > 0 && (
    <span className={styles['standing-more']}>and {counted(more, 'more reason')}</span>
  );
  // In one line whatever it says: what stands below it does not move when it is worked out.
  if (most === 1)
    return (
      <>
        <ReasonWords reason={reasons[0]!} /> {moreWords}
      </>
    );
  return (
    <ul className={styles['standing-reasons']}>
      {reasons.slice(0, most).map((reason) => (
        <li key={reason.kind}>
          <ReasonWords reason={reason} />
        </li>
      ))}
      {more > 0 && <li>{moreWords}</li>}
    </ul>
  );
}

function NothingWrong({ isOff, runs }: Standing) {
  if (isOff)
    return (
      <span className={styles['standing']} data-kind="none">
        <PauseCircleFilled aria-hidden="true" /> switched off
      </span>
    );
  if (runs === 0)
    return (
      <span className={styles['standing']} data-kind="none">
        <MinusCircleOutlined aria-hidden="true" /> nothing waters
      </span>
    );
  return (
    <span className={styles['standing']} data-kind="clear">
      <CheckCircleFilled aria-hidden="true" /> {counted(runs, 'run')}, none collide
    </span>
  );
}
