import { asDayNumber, formatDate, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { useCallback, useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { todayHere } from '../../format/today';

/** Where on the desk one is: all of it in the address, so that a link shows the same. */
export interface DeskPlace {
  /** The date from which the settings are judged: today, or an earlier one that is looked at. */
  readonly since: DayNumber;
  /** The first night on the board. */
  readonly night: DayNumber;
  readonly board: 'nights' | 'year';
  /** Times as they will happen, not as a wrong clock has them. */
  readonly isTrueTime: boolean;
  /** The settings themselves, planning them, or their percentages over the year. */
  readonly mode: 'desk' | 'plan' | 'season';
  /** Months, 1 to 12, that a copy of their own is planned for; none: the settings themselves. */
  readonly winter: readonly number[];
  readonly go: (to: Partial<Omit<DeskPlace, 'since' | 'go'>>) => void;
}

export function useDeskPlace(): DeskPlace {
  const [search, setSearch] = useSearchParams();
  const dateOf = (name: string) => parseDate(search.get(name) ?? '');
  const today = parseDate(todayHere())!;
  const from = dateOf('from') ?? today;
  const night = dateOf('night') ?? from;
  const since = asDayNumber(Math.min(from, night));
  const board = search.get('board') === 'year' ? 'year' : 'nights';
  const isTrueTime = search.get('time') === 'true';
  const asked = search.get('mode');
  const mode = asked === 'plan' || asked === 'season' ? asked : 'desk';
  const winterText = search.get('winter') ?? '';
  const go = useCallback<DeskPlace['go']>(
    (to) =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          if (to.night !== undefined) next.set('night', formatDate(to.night));
          if (to.board !== undefined) next.set('board', to.board);
          if (to.isTrueTime !== undefined) next.set('time', to.isTrueTime ? 'true' : 'timer');
          if (to.mode !== undefined) {
            for (const name of ['mode', 'winter', 'month']) next.delete(name);
            if (to.mode !== 'desk') next.set('mode', to.mode);
          }
          if (to.winter?.length) {
            next.set('winter', to.winter.join('.'));
            next.set('month', String(to.winter[0]));
          }
          return next;
        },
        { replace: to.mode === undefined },
      ),
    [setSearch],
  );
  return useMemo(
    () => ({ since, night, board, isTrueTime, mode, winter: monthsIn(winterText), go }),
    [since, night, board, isTrueTime, mode, winterText, go],
  );
}

const monthsIn = (text: string): number[] =>
  text
    .split('.')
    .map(Number)
    .filter((month) => Number.isInteger(month) && month >= 1 && month <= 12);
