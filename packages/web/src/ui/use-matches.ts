import { useCallback, useSyncExternalStore } from 'react';

/** A window that is held in one hand: one thing at a time, and what is done next below it. */
const NARROW = '(width < 640px)';

/** Whether the window is like that; what is shown follows it. */
function useMatches(query: string): boolean {
  const watch = useCallback(
    (changed: () => void) => {
      const list = matchMedia(query);
      list.addEventListener('change', changed);
      return () => list.removeEventListener('change', changed);
    },
    [query],
  );
  return useSyncExternalStore(watch, () => matchMedia(query).matches);
}

export const useIsNarrow = (): boolean => useMatches(NARROW);

/** Whether it is tapped with fingers: what is tapped is as large as they are. */
export const useIsTouched = (): boolean => useMatches('(pointer: coarse)');
