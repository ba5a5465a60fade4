import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useMatch } from 'react-router';
import { ApiError } from '../api/client';
import { propertyQuery } from '../api/properties';
import { timerQuery, type Timer } from '../api/timers';
import { useSignedIn } from '../session/use-signed-in';
import { dropRecent, noteRecent } from './recent';

const isGone = (error: unknown): boolean => error instanceof ApiError && error.status === 404;

/** The timer that one is at, if one is; notes each home and timer that somebody comes to. */
export function useHere(): Timer | null {
  const { person } = useSignedIn();
  const timerId = useMatch('/timers/:timerId/*')?.params.timerId;
  const ofProperty = useMatch('/properties/:propertyId/*')?.params.propertyId;
  const propertyId = ofProperty === 'new' ? undefined : ofProperty;
  const timer = useQuery({ ...timerQuery(timerId ?? ''), enabled: timerId !== undefined });
  const property = useQuery({
    ...propertyQuery(propertyId ?? ''),
    enabled: propertyId !== undefined,
  });
  const { data: atTimer = null, error: timerError } = timer;
  const { data: atProperty, error: propertyError } = property;
  useEffect(() => {
    if (timerId !== undefined && atTimer?.id === timerId)
      noteRecent(person.id, {
        to: `/timers/${timerId}`,
        title: atTimer.name,
        where: atTimer.property.name,
      });
    if (timerId !== undefined && isGone(timerError)) dropRecent(person.id, `/timers/${timerId}`);
  }, [person.id, timerId, atTimer, timerError]);
  useEffect(() => {
    if (propertyId !== undefined && atProperty?.id === propertyId)
      noteRecent(person.id, {
        to: `/properties/${propertyId}`,
        title: atProperty.name,
        where: [atProperty.address, atProperty.town].filter(Boolean).join(', '),
      });
    if (propertyId !== undefined && isGone(propertyError))
      dropRecent(person.id, `/properties/${propertyId}`);
  }, [person.id, propertyId, atProperty, propertyError]);
  return timerId === undefined ? null : atTimer;
}
