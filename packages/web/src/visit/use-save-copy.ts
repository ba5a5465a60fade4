import { meantPlaces } from '@water-clock/core/key-in';
import type { Plan } from '@water-clock/core/settings';
import { copiesQuery, copyQuery } from '../api/copies';
import { useWrite, type Write } from '../api/use-write';
import { outbox } from '../offline/browser-outbox';
import { useSendLater } from '../offline/use-outbox';
import { copiesPath, type CopyBody } from '../timer-records/use-timer-on-device';

export interface HeldByTimer {
  readonly document: Plan;
  /** The id of the copy; absent: one of its own. */
  readonly id?: string;
  /** How many values were keyed in and not read back; absent: none. */
  readonly keyedIn?: number;
  /** Of how many nobody knows what stands there; absent: of none. */
  readonly unknown?: number;
}

const ALL_READ = { keyedIn: 0, unknown: 0 };

/**
 * Saves what a timer holds, as it was found or left: now, which the answer says, or when there is a connection.
 */
export function useSaveCopy(
  timerId: string,
  reason: CopyBody['reason'],
): Write<HeldByTimer, boolean> {
  const sendLater = useSendLater();
  return useWrite(
    reason === 'left' ? 'save-as-left' : 'save-as-found',
    async ({ document, id = crypto.randomUUID(), ...notRead }: HeldByTimer) => {
      const body: CopyBody = {
        id,
        reason,
        name: '',
        madeAt: new Date().toISOString(),
        document,
        confirmed: { of: meantPlaces(document).length, ...ALL_READ, ...notRead },
      };
      await sendLater({
        id: body.id,
        lane: timerId,
        method: 'POST',
        path: copiesPath(timerId),
        body,
        words: reason === 'left' ? 'The timer as left' : 'The timer as found',
        touches: [copiesQuery(timerId).queryKey],
        answers: copyQuery(body.id).queryKey,
      });
      return outbox.settled(body.id);
    },
    { isOfFields: true },
  );
}
