import { LeftOutlined, RightOutlined } from '@ant-design/icons';
import { addDays, parseDate } from '@water-clock/core/civil-time';
import { Button } from 'antd';
import { memo } from 'react';
import { NIGHTS } from '../computing/board-model';
import { todayHere } from '../format/today';
import { useDayOrder } from '../session/use-signed-in';
import { DateField } from '../ui/date-field';
import type { DeskPlace } from './state/use-desk-place';
import styles from './desk.module.css';

/** Which nights are shown. */
export const DeskDates = memo(function DeskDates({ night, go }: Pick<DeskPlace, 'night' | 'go'>) {
  const move = (days: number) => go({ night: addDays(night, days) });
  return (
    <div className={styles['desk-dates']}>
      <Button
        aria-label={`${NIGHTS} nights earlier`}
        icon={<LeftOutlined />}
        onClick={() => move(-NIGHTS)}
      />
      <DateField
        label="First night"
        day={night}
        order={useDayOrder()}
        onChange={(chosen) => go({ night: chosen })}
      />
      <Button
        aria-label={`${NIGHTS} nights later`}
        icon={<RightOutlined />}
        onClick={() => move(NIGHTS)}
      />
      <Button onClick={() => go({ night: parseDate(todayHere())! })}>Today</Button>
    </div>
  );
});
