import { addDays, formatDate, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { useCallback, useMemo } from 'react';
import { usePlace } from '../../ui/use-place';
import { todayHere } from '../../format/today';

/** Where on the desk one is: all of it in the address, so that a link shows the same. */
export interface DeskPlace {
  /** The date from which the settings are judged, whatever nights are shown: today, or the one asked for. */
  readonly since: DayNumber;
  /** The first night on the board. */
  readonly night: DayNumber;
  readonly board: 'nights' | 'year';
  /** Which part of the desk is seen where there is room for one. */
  readonly pane: Pane;
  /** Times as they will happen, not as a wrong clock has them. */
  readonly isTrueTime: boolean;
  /** The settings themselves, planning them, their percentages over the year, or the fewest of them to change. */
  readonly mode: (typeof MODES)[number];
  /** Months, 1 to 12, that a copy of their own is planned for; none: the settings themselves. */
  readonly winter: readonly number[];
  readonly go: (to: Partial<Omit<DeskPlace, 'since' | 'go'>>) => void;
}

const MODES = ['desk', 'plan', 'season', 'repair'] as const;

export const PANES = ['settings', 'nights', 'findings'] as const;
export type Pane = (typeof PANES)[number];

export function useDeskPlace(): DeskPlace {
  const [search, goTo] = usePlace();
  const dateOf = (name: string) => parseDate(search.get(name) ?? '');
  const today = parseDate(todayHere())!;
  const since = dateOf('from') ?? today;
  // The night that ends on that date is the first in which something may happen on it.
  const night = dateOf('night') ?? addDays(since, -1);
  const board = search.get('board') === 'year' ? 'year' : 'nights';
  const pane = PANES.find((one) => one === search.get('pane')) ?? 'settings';
  const isTrueTime = search.get('time') === 'true';
  const mode = MODES.find((one) => one === search.get('mode')) ?? 'desk';
  const winterText = search.get('winter') ?? '';
  const go = useCallback<DeskPlace['go']>(
    (to) =>
      goTo(
        {
          ...(to.night !== undefined && { night: formatDate(to.night) }),
          ...(to.board !== undefined && { board: to.board }),
          ...(to.pane !== undefined && { pane: to.pane === 'settings' ? undefined : to.pane }),
          ...(to.isTrueTime !== undefined && { time: to.isTrueTime ? 'true' : 'timer' }),
          ...(to.mode !== undefined && {
            mode: to.mode === 'desk' ? undefined : to.mode,
            winter: undefined,
            month: undefined,
          }),
          ...(to.winter?.length && {
            winter: to.winter.join('.'),
            month: String(to.winter[0]),
          }),
        },
        { isStep: to.mode !== undefined },
      ),
    [goTo],
  );
  return useMemo(
    () => ({ since, night, board, pane, isTrueTime, mode, winter: monthsIn(winterText), go }),
    [since, night, board, pane, isTrueTime, mode, winterText, go],
  );
}

const monthsIn = (text: string): number[] =>
  text
    .split('.')
    .map(Number)
    .filter((month) => Number.isInteger(month) && month >= 1 && month <= 12);
