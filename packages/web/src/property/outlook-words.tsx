import {
  CheckCircleFilled,
  CloseCircleFilled,
  HourglassOutlined,
  MinusCircleOutlined,
  PauseCircleFilled,
} from '@ant-design/icons';
import { parseDate, parseDateTime } from '@water-clock/core/civil-time';
import { counted, nearMoment } from '@water-clock/core/words';
import type { Outlook } from '../api/properties';
import { todayHere } from '../format/today';
import { useSay } from '../session/use-signed-in';
import styles from './outlook-words.module.css';

/** What is to be said of a timer's settings first, in a few words; null: it is being worked out. */
export function OutlookWords({ outlook }: { outlook: Outlook | null }) {
  if (outlook) return <KnownOutlook {...outlook} />;
  return (
    <span className={styles['outlook']} data-kind="none">
      <HourglassOutlined aria-hidden="true" /> being worked out…
    </span>
  );
}

function KnownOutlook({ isOff, isTooMuch, collisions, firstCollision, runs }: Outlook) {
  const say = useSay();
  if (isOff)
    return (
      <span className={styles['outlook']} data-kind="none">
        <PauseCircleFilled aria-hidden="true" /> switched off
      </span>
    );
  if (isTooMuch)
    return (
      <span className={styles['outlook']} data-kind="error">
        <CloseCircleFilled aria-hidden="true" /> too much to work out
      </span>
    );
  if (runs === 0 && firstCollision === null)
    return (
      <span className={styles['outlook']} data-kind="none">
        <MinusCircleOutlined aria-hidden="true" /> nothing waters
      </span>
    );
  if (firstCollision === null)
    return (
      <span className={styles['outlook']} data-kind="clear">
        <CheckCircleFilled aria-hidden="true" /> {counted(runs, 'run')}, none collide
      </span>
    );
  const today = parseDate(todayHere())!;
  const first = say(nearMoment(parseDateTime(firstCollision)!, today));
  return (
    <span className={styles['outlook']} data-kind="error">
      <CloseCircleFilled aria-hidden="true" />{' '}
      {collisions === 0
        ? `collides on ${first}`
        : `${counted(collisions, 'collision')}, first ${first}`}
    </span>
  );
}
