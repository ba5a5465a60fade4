import { parseDate } from '@water-clock/core/civil-time';
import { todayHere } from '../format/today';
import { useStoredYard } from '../offline/use-stored';
import { ownMemoryWords } from '../timer-records/own-memory-words';

/** Which copy the timer's own memory holds. */
export function OwnMemoryHeld({ timerId }: { timerId: string }) {
  const yard = useStoredYard(timerId).data;
  if (!yard) return null;
  return <div>{ownMemoryWords(yard.document.ownMemory, parseDate(todayHere())!)}</div>;
}
