import { createContext, use, useEffect, useLayoutEffect, useState } from 'react';
import type { ColourScheme } from './theme';

const KEY = 'water-clock.colour-scheme';
const DARK = '(prefers-color-scheme: dark)';

interface SchemeChoice {
  readonly scheme: ColourScheme;
  readonly choose: (scheme: ColourScheme) => void;
}

export const SchemeContext = createContext<SchemeChoice>({
  scheme: 'light',
  choose: () => undefined,
});

export const useScheme = (): SchemeChoice => use(SchemeContext);

/** The person's choice of light or dark, kept in this browser; without one, the system's. */
export function useSchemeChoice(): SchemeChoice {
  const [chosen, setChosen] = useState(() => localStorage.getItem(KEY));
  const [systemIsDark, setSystemIsDark] = useState(() => matchMedia(DARK).matches);
  useEffect(() => {
    const query = matchMedia(DARK);
    const follow = () => setSystemIsDark(query.matches);
    query.addEventListener('change', follow);
    return () => query.removeEventListener('change', follow);
  }, []);
  const scheme = chosen === 'light' || chosen === 'dark' ? chosen : systemIsDark ? 'dark' : 'light';
  // Before the first picture: whoever works in the dark is not dazzled.
  useLayoutEffect(() => {
    document.documentElement.dataset['theme'] = scheme;
  }, [scheme]);
  const choose = (next: ColourScheme) => {
    localStorage.setItem(KEY, next);
    setChosen(next);
  };
  return { scheme, choose };
}

/** The one that is not shown, and the way to it. */
export interface SchemeSwitch {
  readonly words: string;
  readonly change: () => void;
}

/** The same words, and the same deed, wherever colours can be switched. */
export function useSchemeSwitch(): SchemeSwitch {
  const { scheme, choose } = useScheme();
  const other = scheme === 'dark' ? 'light' : 'dark';
  return { words: `Switch to ${other} colours`, change: () => choose(other) };
}
