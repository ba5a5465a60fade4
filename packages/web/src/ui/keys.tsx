import { useEffect, useState } from 'react';
import { later } from './later';

const KeysHelp = later(() => import('./keys-help'), 'KeysHelp');

const ASKED = 'water-clock:keys';

/** Shows the keys, as a button does. */
export const showKeys = (): void => {
  window.dispatchEvent(new Event(ASKED));
};

/** The keys, shown on `?` from anywhere; where words are typed, on Ctrl and `/`. */
export function Keys() {
  const [isShown, setShown] = useState(false);
  useEffect(() => {
    const show = () => setShown(true);
    const onKey = (event: KeyboardEvent) => {
      if (!asksForKeys(event)) return;
      event.preventDefault();
      show();
    };
    window.addEventListener(ASKED, show);
    // Before any cell or field has it.
    window.addEventListener('keydown', onKey, { capture: true });
    return () => {
      window.removeEventListener(ASKED, show);
      window.removeEventListener('keydown', onKey, { capture: true });
    };
  }, []);
  return isShown && <KeysHelp onClose={() => setShown(false)} />;
}

function asksForKeys({ key, ctrlKey, metaKey, target }: KeyboardEvent): boolean {
  if (ctrlKey || metaKey) return key === '/';
  return key === '?' && !(target instanceof Element && takesWords(target));
}

/** A cell of figures has no use for the sign. */
const takesWords = (target: Element): boolean =>
  target.matches('input, textarea, select, [contenteditable]') &&
  !target.matches('[data-row][data-figures]');
