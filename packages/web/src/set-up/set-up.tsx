import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { useMatch } from 'react-router';
import { propertyQuery } from '../api/properties';
import { timerQuery } from '../api/timers';
import { useMayChange } from '../session/use-signed-in';
import { useOpenVisit } from '../timer-records/use-visit';

const SetUpBar = lazy(async () => ({ default: (await import('./set-up-bar')).SetUpBar }));

/** The steps of setting up a home, above each page of it, for as long as somebody is led through them. */
export function SetUp() {
  const timerId = useMatch('/timers/:timerId/*')?.params.timerId;
  const propertyId = useMatch('/properties/:propertyId/*')?.params.propertyId;
  const timer = useQuery({ ...timerQuery(timerId ?? ''), enabled: timerId !== undefined });
  const home = useQuery({
    ...propertyQuery(propertyId ?? ''),
    enabled: propertyId !== undefined && propertyId !== 'new',
  });
  const mayChange = useMayChange();
  // At a visit its own steps have the place.
  const open = useOpenVisit(timerId);
  const property = timerId === undefined ? home.data : timer.data?.property;
  if (!property?.setUpSkipped || !mayChange || open) return null;
  return (
    <Suspense fallback={null}>
      <SetUpBar key={property.id} property={property} timerId={timerId} />
    </Suspense>
  );
}
