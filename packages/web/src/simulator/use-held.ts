import { useEffect, useRef } from 'react';

const FIRST_WAIT_MS = 450;
const THEN_MS = 140;
/** A button that is held goes faster after so many. */
const FASTER_AFTER = 8;
const FASTER_BY = 5;

/** A button that counts once when it is pressed, and on and on, faster and faster, while it is held. */
export function useHeld(onPress: (times: number) => void) {
  const timer = useRef<number | undefined>(undefined);
  const stop = () => window.clearTimeout(timer.current);
  useEffect(() => () => window.clearTimeout(timer.current), []);
  const begin = () => {
    stop();
    onPress(1);
    let count = 0;
    const again = () => {
      count += 1;
      onPress(count > FASTER_AFTER ? FASTER_BY : 1);
      timer.current = window.setTimeout(again, THEN_MS);
    };
    timer.current = window.setTimeout(again, FIRST_WAIT_MS);
  };
  return {
    onPointerDown: (event: React.PointerEvent) => {
      if (event.button === 0) begin();
    },
    onPointerUp: stop,
    onPointerLeave: stop,
    onPointerCancel: stop,
    /** By the keyboard or a screen reader: a click without a pointer. */
    onClick: (event: React.MouseEvent) => {
      if (event.detail === 0) onPress(1);
    },
  };
}
