import type { Plan } from '@water-clock/core/settings';
import { useCallback } from 'react';
import { copiesQuery, copyQuery } from '../api/copies';
import { useSendLater } from '../offline/use-outbox';
import { copiesPath, type CopyBody } from './use-timer-on-device';

/** Saves what a timer holds, as it was found or left: now, or when there is a connection. */
export function useSaveCopy(
  timerId: string,
): (reason: CopyBody['reason'], document: Plan) => Promise<void> {
  const sendLater = useSendLater();
  return useCallback(
    (reason, document) => {
      const body: CopyBody = {
        id: crypto.randomUUID(),
        reason,
        name: '',
        madeAt: new Date().toISOString(),
        document,
      };
      return sendLater({
        id: body.id,
        method: 'POST',
        path: copiesPath(timerId),
        body,
        words: reason === 'left' ? 'The timer as left' : 'The timer as found',
        touches: [copiesQuery(timerId).queryKey],
        answers: copyQuery(body.id).queryKey,
      });
    },
    [sendLater, timerId],
  );
}
