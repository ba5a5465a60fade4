import { useQuery } from '@tanstack/react-query';
import type { Plan } from '@water-clock/core/settings';
import { Alert, Skeleton } from 'antd';
import { useMemo, type ReactNode } from 'react';
import { copyQuery } from '../api/copies';
import { useStoredSettings } from '../offline/use-stored';
import { missingError } from '../ui/missing-error';

/** Stands for the saved settings of the desk, where else the id of a copy stands. */
export const ON_DESK = 'desk';

interface PlansOfCopiesProps {
  readonly timerId: string;
  /** Copies, or what is on the desk. */
  readonly ids: readonly string[];
  readonly names: readonly string[];
  readonly children: (plans: readonly Plan[], names: readonly string[]) => ReactNode;
}

/** Loads the settings that are asked for, one or two. */
export function PlansOfCopies({ timerId, ids, names, children }: PlansOfCopiesProps) {
  const desk = useStoredSettings(timerId, { enabled: ids.includes(ON_DESK) });
  const [a = ON_DESK, b = ON_DESK] = ids.filter((id) => id !== ON_DESK);
  const one = useQuery({ ...copyQuery(a), enabled: a !== ON_DESK });
  const other = useQuery({ ...copyQuery(b), enabled: b !== ON_DESK });
  const documentOf = (id: string): Plan | undefined =>
    id === ON_DESK ? desk.data?.document : (id === a ? one : other).data?.document;
  const [first, second] = ids.map(documentOf);
  const count = ids.length;
  const plans = useMemo(
    () => [first, ...(count > 1 ? [second] : [])].filter((plan) => plan !== undefined),
    [first, second, count],
  );
  const error = missingError([desk, one, other]);
  if (error)
    return (
      <Alert type="error" showIcon title={`The settings could not be loaded. ${error.message}`} />
    );
  return plans.length === count ? children(plans, names) : <Skeleton active />;
}
