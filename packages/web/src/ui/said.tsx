import { useEffect, useRef } from 'react';

const SAID = 'water-clock:said';

/** Tells whoever hears the page something that others see, such as how many cells are selected. */
export const say = (words: string): void => {
  window.dispatchEvent(new CustomEvent(SAID, { detail: words }));
};

/** Where it is told. */
export function Said() {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const tell = (event: Event) => {
      if (place.current && event instanceof CustomEvent)
        place.current.textContent = String(event.detail);
    };
    window.addEventListener(SAID, tell);
    return () => window.removeEventListener(SAID, tell);
  }, []);
  return <div ref={place} role="log" aria-live="polite" className="visually-hidden" />;
}
