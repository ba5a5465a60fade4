import { useEffect, useState } from 'react';

/** Gives the focus back to where it came from, once what took it is gone. */
export function useFocusBack(): void {
  const [before] = useState(() => document.activeElement);
  useEffect(
    () => () => {
      const isLost = document.activeElement === null || document.activeElement === document.body;
      if (isLost && before instanceof HTMLElement && before.isConnected) before.focus();
    },
    [before],
  );
}
