import { useEffect, useState } from 'react';
import { KEYS_WANTED, type KeysWanted } from './keys-wanted';
import styles from './keys-at-hand.module.css';
import { useIsTouched } from './use-matches';

/** Above the device's keys for figures, those that they lack: a colon, hours and minutes, AM and PM. */
export function KeysAtHand() {
  return useIsTouched() ? <Bar /> : null;
}

const isWanted = (keys: string): keys is KeysWanted => keys in KEYS_WANTED;

function Bar() {
  const [field, setField] = useState<HTMLInputElement | null>(null);
  const [bottom, setBottom] = useState(0);
  useEffect(() => {
    const look = () => {
      const { activeElement } = document;
      setField(activeElement instanceof HTMLInputElement ? activeElement : null);
    };
    const left = () => setField(null);
    document.addEventListener('focusin', look);
    document.addEventListener('focusout', left);
    return () => {
      document.removeEventListener('focusin', look);
      document.removeEventListener('focusout', left);
    };
  }, []);
  useEffect(() => {
    const { visualViewport: seen } = window;
    if (!seen) return undefined;
    // The device's keys lie over the foot of the window.
    const place = () => setBottom(window.innerHeight - seen.height - seen.offsetTop);
    place();
    seen.addEventListener('resize', place);
    seen.addEventListener('scroll', place);
    return () => {
      seen.removeEventListener('resize', place);
      seen.removeEventListener('scroll', place);
    };
  }, []);
  const keys = field?.dataset['keys'] ?? '';
  const extra = isWanted(keys) ? KEYS_WANTED[keys].extra : [];
  if (!field || extra.length === 0) return null;
  return (
    <div
      className={styles['keys']}
      {...(bottom > 0 && { style: { bottom } })}
      role="toolbar"
      aria-label="More keys"
    >
      {extra.map((key) => (
        <button
          key={key}
          type="button"
          // The field stays the one that is typed in.
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => type(field, key)}
        >
          {key}
        </button>
      ))}
    </div>
  );
}

/** Puts in what was tapped, where the cursor stands, as if it had been typed. */
function type(field: HTMLInputElement, key: string) {
  const { selectionStart, selectionEnd, value } = field;
  field.setRangeText(key, selectionStart ?? value.length, selectionEnd ?? value.length, 'end');
  field.dispatchEvent(new InputEvent('input', { bubbles: true, data: key }));
}
