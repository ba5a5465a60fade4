import { Segmented } from 'antd';
import { memo } from 'react';
import { clockErrorWords } from './clock/clock-error-words';
import { DeskDates } from './desk-dates';
import type { DeskPlace } from './state/use-desk-place';
import styles from './desk.module.css';

interface BoardBarProps extends Pick<DeskPlace, 'board' | 'night' | 'isTrueTime' | 'go'> {
  readonly clockErrorSeconds: number;
}

/** What the board shows: nights or a year, from which night on; and, while the clock is wrong, by whose time. */
export const BoardBar = memo(function BoardBar(props: BoardBarProps) {
  const { board, night, isTrueTime, go, clockErrorSeconds } = props;
  return (
    <div className={styles['board-bar']}>
      <Segmented<DeskPlace['board']>
        aria-label="What the board shows"
        value={board}
        options={[
          { value: 'nights', label: '14 nights' },
          { value: 'year', label: 'Year' },
        ]}
        onChange={(chosen) => go({ board: chosen })}
      />
      <DeskDates night={night} go={go} />
      {clockErrorSeconds !== 0 && board === 'nights' && (
        <>
          <Segmented
            aria-label="By whose time"
            value={isTrueTime ? 'true' : 'timer'}
            options={[
              { value: 'timer', label: 'As the timer thinks' },
              { value: 'true', label: 'As it will happen' },
            ]}
            onChange={(chosen) => go({ isTrueTime: chosen === 'true' })}
          />
          <span className={styles['board-note']}>clock {clockErrorWords(clockErrorSeconds)}</span>
        </>
      )}
    </div>
  );
});
