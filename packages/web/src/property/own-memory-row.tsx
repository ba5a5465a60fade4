import { parseDate } from '@water-clock/core/civil-time';
import type { TimerHandling } from '@water-clock/core/timer-types';
import { todayHere } from '../format/today';
import { useStoredYard } from '../offline/use-stored';
import { ownMemoryWords } from '../timer-records/own-memory-words';

interface OwnMemoryHeldProps {
  readonly timerId: string;
  readonly handling: TimerHandling;
}

/** Which copy the timer's own memory holds, and what to read out by phone to whoever stands before it. */
export function OwnMemoryHeld({ timerId, handling }: OwnMemoryHeldProps) {
  const yard = useStoredYard(timerId).data;
  if (!yard) return null;
  const { storeCopy, bringBackCopy, factoryReset } = handling;
  return (
    <>
      <div>{ownMemoryWords(yard.document.ownMemory, parseDate(todayHere())!)}</div>
      {storeCopy + bringBackCopy + factoryReset !== '' && (
        <details>
          <summary>To read out by phone</summary>
          {storeCopy && <p>To store: {storeCopy}</p>}
          {bringBackCopy + factoryReset !== '' && (
            <p>
              <strong>What follows erases what is in it. Save an as-found copy first.</strong>
            </p>
          )}
          {bringBackCopy && <p>To bring back what it stored: {bringBackCopy}</p>}
          {factoryReset && <p>To set it as it left the factory: {factoryReset}</p>}
        </details>
      )}
    </>
  );
}
