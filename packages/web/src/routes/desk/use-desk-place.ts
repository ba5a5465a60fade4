import { formatDate, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { useCallback, useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { todayHere } from '../../words/today';

/** Where on the desk one is: all of it in the address, so that a link shows the same. */
export interface DeskPlace {
  /** The date from which the settings are judged: today, or an earlier one that is looked at. */
  readonly since: DayNumber;
  /** The first night on the board. */
  readonly night: DayNumber;
  readonly board: 'nights' | 'year';
  /** Times as they will happen, not as a wrong clock has them. */
  readonly isTrueTime: boolean;
  readonly go: (to: Partial<Omit<DeskPlace, 'since' | 'go'>>) => void;
}

export function useDeskPlace(): DeskPlace {
  const [search, setSearch] = useSearchParams();
  const dateOf = (name: string) => parseDate(search.get(name) ?? '');
  const from = dateOf('from') ?? (parseDate(todayHere()) as DayNumber);
  const night = dateOf('night') ?? from;
  const since = Math.min(from, night) as DayNumber;
  const board = search.get('board') === 'year' ? 'year' : 'nights';
  const isTrueTime = search.get('time') === 'true';
  const go = useCallback<DeskPlace['go']>(
    (to) =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          if (to.night !== undefined) next.set('night', formatDate(to.night));
          if (to.board !== undefined) next.set('board', to.board);
          if (to.isTrueTime !== undefined) next.set('time', to.isTrueTime ? 'true' : 'timer');
          return next;
        },
        { replace: true },
      ),
    [setSearch],
  );
  return useMemo(
    () => ({ since, night, board, isTrueTime, go }),
    [since, night, board, isTrueTime, go],
  );
}
