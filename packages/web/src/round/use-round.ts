import { useQuery } from '@tanstack/react-query';
import { roundQuery } from '../api/round';
import { todayHere } from '../format/today';
import { useSignedIn } from '../session/use-signed-in';
import { usePlace } from '../ui/use-place';

export type Whose = 'mine' | 'firm';

/** Whose work is shown, as the address has it: a technician's own at first, the whole firm's for the others. */
export function useWhose(): readonly [Whose, (whose: Whose) => void] {
  const { person } = useSignedIn();
  const [place, go] = usePlace();
  const usual: Whose = person.role === 'technician' ? 'mine' : 'firm';
  const asked = place.get('whose');
  const whose = asked === 'mine' || asked === 'firm' ? asked : usual;
  return [whose, (next) => go({ whose: next === usual ? undefined : next })];
}

export const useRound = (whose: Whose) => useQuery(roundQuery(todayHere(), whose));
