import { useState } from 'react';
import type { Api } from './request';
import { rolloutsKey, tryChange } from './rollouts';
import { useWrite } from './use-write';

type Wanted = Pick<Api['NewRollout'], 'change' | 'on' | 'from' | 'propertyIds'>;

/** Has a change tried on homes that it touches, all or some; gives the address of its page, null where it was refused. */
export function useTryChange() {
  // Sent again after no answer was heard, it counts once.
  const [id] = useState(() => crypto.randomUUID());
  const { write, isWriting } = useWrite('try-change', tryChange, {
    touches: [rolloutsKey],
    isOfFields: true,
  });
  return {
    isWriting,
    begin: async (wanted: Wanted): Promise<string | null> => {
      const done = await write({ ...wanted, id, name: '' });
      return done && `/round/homes/${done.answer.id}`;
    },
  };
}
