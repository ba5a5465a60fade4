import type { MouseEvent } from 'react';

/**
 * A press that counts once. Where it brings the next thing under the finger, the second click of a double-click
 * would be said of that one.
 */
export const oncePressed = (act: () => void) => (event: MouseEvent) => {
  if (event.detail < 2) act();
};
