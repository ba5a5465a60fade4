import type { School } from '@water-clock/core/yards';
import { Tooltip } from 'antd';
import type { ReactNode } from 'react';
import {
  exactTime,
  minuteWhy,
  oftenWhy,
  oftenWords,
  piecesWhy,
  pieceWords,
  weekWhy,
  wholeMinutes,
  type NeedTelling,
} from '../yard/need-words';
import styles from './need-page.module.css';

export interface NeedNumber {
  readonly name: string;
  /** Where it comes from. */
  readonly why: string;
  readonly children: ReactNode;
}

/** What its three numbers are called. */
export const NUMBER_NAMES = ['min a week', 'waterings', 'at once'] as const;

/** What a school says of a station, a week, a watering and at once; or why it says nothing. */
export function schoolNumbers(
  telling: NeedTelling,
  school: School,
): readonly [week: NeedNumber, often: NeedNumber, pieces: NeedNumber] | string {
  const said = telling.need[school];
  const why = school === 'minute' ? minuteWhy(telling) : weekWhy(telling);
  if (!said) return why;
  const { pieces } = said;
  return [
    { name: `${school} week`, why, children: wholeMinutes(said.weeklySeconds) },
    {
      name: `${school} often`,
      why: school === 'minute' ? why : oftenWhy(telling),
      children: (
        <>
          {oftenWords(said)}
          <small>{exactTime(said.eachSeconds)} each</small>
        </>
      ),
    },
    {
      name: `${school} pieces`,
      why: piecesWhy(telling, school),
      children: (
        <>
          {pieceWords(pieces)}
          {pieces.soakSeconds !== null && (
            <small>soak {wholeMinutes(pieces.soakSeconds)} min</small>
          )}
        </>
      ),
    },
  ];
}

interface NumberCellProps extends NeedNumber {
  /** It is in the order of tabs: twenty rows of them would bar the way. */
  readonly isReached: boolean;
  readonly isTaken?: boolean;
}

/** A number that says where it comes from. */
export function NumberCell({ why, name, isReached, isTaken = false, children }: NumberCellProps) {
  return (
    <td className="figures" data-number={name} data-taken={isTaken}>
      <Tooltip title={why} trigger={['hover', 'focus']} placement="bottom">
        <span className={styles['need-value']} role="note" tabIndex={isReached ? 0 : -1}>
          {children}
        </span>
      </Tooltip>
    </td>
  );
}
