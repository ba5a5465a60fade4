import { listInWords, nearMoment } from '@water-clock/core/words';
import type { BoardModel } from '../../computing/board-model';
import { useSay } from '../../session/use-signed-in';
import styles from './night-board.module.css';

/** What waters too seldom to be among the nights that are shown, and when next. */
export function SeldomWords({ seldom, nights }: Pick<BoardModel, 'seldom' | 'nights'>) {
  const say = useSay();
  const first = nights[0];
  if (seldom.length === 0 || !first) return null;
  const words = seldom.map(({ program, next }) => `${program} next ${nearMoment(next, first.day)}`);
  return <p className={styles['seldom']}>Not in these nights: {say(listInWords(words))}.</p>;
}
