import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';

/** What a thread worked out; null until it is there. */
export interface WorkedOut<Answer> {
  readonly answer: Answer | null;
  readonly hasFailed: boolean;
}

/** What a thread is asked for; null: nothing. */
export type Asking<Thread, Answer> = ((worker: Remote<Thread>) => Promise<Answer | null>) | null;

/** One answer of a thread that is begun for it, and ended. */
export async function answerOf<Thread, Answer>(
  begin: () => Worker,
  ask: (worker: Remote<Thread>) => Promise<Answer>,
): Promise<Answer> {
  const thread = begin();
  try {
    return await new Promise<Answer>((resolve, reject) => {
      thread.onerror = () => reject(new Error('The work in the background could not start.'));
      ask(wrap<Thread>(thread)).then(resolve, reject);
    });
  } finally {
    thread.terminate();
  }
}

/** One answer, in a thread that ends with what was asked; with `null`, nothing is. `begin` stays the same. */
export function useWorkedOut<Thread, Answer>(
  begin: () => Worker,
  ask: Asking<Thread, Answer>,
): WorkedOut<Answer> {
  const [worked, setWorked] = useState<WorkedOut<Answer>>({ answer: null, hasFailed: false });
  useEffect(() => {
    if (!ask) return;
    const thread = begin();
    const fail = () => setWorked({ answer: null, hasFailed: true });
    thread.onerror = fail;
    ask(wrap<Thread>(thread)).then((answer) => setWorked({ answer, hasFailed: false }), fail);
    return () => thread.terminate();
  }, [begin, ask]);
  return worked;
}
