import { useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useEffect, useRef } from 'react';
import { usePlace } from '../ui/use-place';
import { troubleInWords } from '../api/client';
import { copyQuery } from '../api/copies';
import type { PlanEdit } from '@water-clock/core/settings';

/** Lays the copy that the address names (`bring`) onto the desk, as one edit that can be undone. */
export function useBroughtCopy(timerId: string, edit: (edit: PlanEdit) => void): void {
  const [search, go] = usePlace();
  const client = useQueryClient();
  const { message } = App.useApp();
  const wanted = search.get('bring');
  const brought = useRef<string | null>(null);
  useEffect(() => {
    if (wanted === null || brought.current === wanted) return;
    brought.current = wanted;
    const bring = async () => {
      const copy = await client.query(copyQuery(wanted));
      if (copy.timer.id !== timerId) throw new Error('That copy is of another timer.');
      // Site and rules are the property's as they are today, not as they were then.
      edit(({ name, site, rules }) => ({
        ...copy.document,
        ...(name !== undefined && { name }),
        ...(site && { site }),
        ...(rules && { rules }),
      }));
      void message.success(
        `Copy № ${copy.number} is on the desk, not saved yet. Undo takes it back.`,
      );
    };
    bring()
      .catch((error: unknown) => message.error(troubleInWords(error)))
      .finally(() => go({ bring: undefined }));
  }, [wanted, timerId, client, edit, message, go]);
}
