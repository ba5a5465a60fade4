import { useQuery } from '@tanstack/react-query';
import { troubleInWords } from '../api/client';
import { searchQuery } from '../api/search';
import type { Timer } from '../api/timers';
import { useMayChange, useSignedIn } from '../session/use-signed-in';
import { useSchemeSwitch } from '../ui/colour-scheme';
import { useSettled } from '../ui/use-settled';
import { foundLines } from './found-lines';
import { linesWith, type Group, type Line } from './line';
import { actions, PAGES, pagesOf } from './places';
import { recentOf } from './recent';

const PAUSE_MS = 120;

interface Lines {
  /** In the order in which they are shown; none is empty. */
  readonly groups: readonly Group[];
  readonly isAsking: boolean;
  /** Why homes could not be looked through; null while nothing went wrong. */
  readonly trouble: string | null;
}

/** All that is found by words, and without words what is likely to be wanted. */
export function useLines(typed: string, here: Timer | null): Lines {
  const { person } = useSignedIn();
  const mayChange = useMayChange();
  const scheme = useSchemeSwitch();
  const words = typed.trim();
  const settled = useSettled(words, PAUSE_MS);
  const asked = useQuery(searchQuery(settled));
  const recent = recentOf(person.id).map(({ to, title, where }): Line => {
    const sort = to.startsWith('/timers') ? 'timer' : 'home';
    return { key: `recent ${to}`, title, where, sort, act: to };
  });
  const ofTimer = here ? pagesOf(here.id, mayChange) : [];
  const found = words === '' ? [] : foundLines(asked.data?.rows ?? []);
  const isKnown = new Set(found.map(({ act }) => act));
  const groups: Group[] = [
    { name: 'Homes, stations, jobs and people', lines: found },
    {
      name: 'Recent',
      lines: linesWith(words, recent).filter(({ act }) => !isKnown.has(act)),
    },
    { name: here ? `${here.property.name}, ${here.name}` : '', lines: linesWith(words, ofTimer) },
    { name: 'Pages', lines: linesWith(words, PAGES) },
    { name: 'Actions', lines: linesWith(words, actions(scheme)) },
  ];
  return {
    groups: groups.filter(({ lines }) => lines.length > 0),
    isAsking: words !== '' && (settled !== words || asked.isFetching),
    trouble: asked.error && words !== '' ? troubleInWords(asked.error) : null,
  };
}
