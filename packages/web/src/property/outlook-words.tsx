import { CheckCircleFilled, CloseCircleFilled, MinusCircleOutlined } from '@ant-design/icons';
import { parseDateTime } from '@water-clock/core/civil-time';
import { counted, dateAndTime } from '@water-clock/core/words';
import type { Outlook } from '../api/properties';
import { useSay } from '../session/use-signed-in';
import styles from './outlook-words.module.css';

/** What a timer's next fourteen nights bring, in a few words. */
export function OutlookWords({ collisions, firstCollision, runs }: Outlook) {
  const say = useSay();
  if (runs === 0)
    return (
      <span className={styles['outlook']} data-kind="none">
        <MinusCircleOutlined aria-hidden="true" /> nothing waters
      </span>
    );
  if (collisions === 0 || firstCollision === null)
    return (
      <span className={styles['outlook']} data-kind="clear">
        <CheckCircleFilled aria-hidden="true" /> {counted(runs, 'run')}, none collide
      </span>
    );
  const first = say(dateAndTime(parseDateTime(firstCollision)!));
  return (
    <span className={styles['outlook']} data-kind="error">
      <CloseCircleFilled aria-hidden="true" /> {counted(collisions, 'collision')}, first {first}
    </span>
  );
}
