import { CloseCircleFilled, ExclamationCircleFilled } from '@ant-design/icons';
import { parseDate } from '@water-clock/core/civil-time';
import { isWrong, reasonInWords, type Reason } from '@water-clock/core/standing';
import { todayHere } from '../format/today';
import { useSay } from '../session/use-signed-in';
import styles from './standing-words.module.css';

/** One reason to look at a timer, with a sign of how bad it is. */
export function ReasonWords({ reason }: { reason: Reason }) {
  const say = useSay();
  const isError = isWrong(reason);
  const Icon = isError ? CloseCircleFilled : ExclamationCircleFilled;
  return (
    <span className={styles['standing']} data-kind={isError ? 'error' : 'caution'}>
      <Icon aria-label={isError ? 'wrong' : 'to do'} />{' '}
      {reasonInWords(reason, parseDate(todayHere())!, say)}
    </span>
  );
}
