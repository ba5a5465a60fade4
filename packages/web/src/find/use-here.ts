import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useMatch } from 'react-router';
import { ApiError } from '../api/client';
import { propertyQuery } from '../api/properties';
import { timerQuery, type Timer } from '../api/timers';
import { useSignedIn } from '../session/use-signed-in';
import { dropRecent, noteRecent, type Recent } from './recent';

const isGone = (error: unknown): boolean => error instanceof ApiError && error.status === 404;

/** Notes that somebody came to a thing, once it is there; one that is no more is not found again. */
function useNoted<Thing extends { readonly id: string }>(
  room: 'timers' | 'properties',
  id: string | undefined,
  { data, error }: UseQueryResult<Thing>,
  words: (thing: Thing) => Omit<Recent, 'to'>,
): void {
  const { person } = useSignedIn();
  const to = `/${room}/${id}`;
  const { title, where } = data && data.id === id ? words(data) : { title: null, where: '' };
  const isLost = id !== undefined && isGone(error);
  useEffect(() => {
    if (title !== null) noteRecent(person.id, { to, title, where });
    if (isLost) dropRecent(person.id, to);
  }, [person.id, to, title, where, isLost]);
}

/** The timer that one is at, if one is; notes each home and timer that somebody comes to. */
export function useHere(): Timer | null {
  const timerId = useMatch('/timers/:timerId/*')?.params.timerId;
  const ofProperty = useMatch('/properties/:propertyId/*')?.params.propertyId;
  const propertyId = ofProperty === 'new' ? undefined : ofProperty;
  const timer = useQuery({ ...timerQuery(timerId ?? ''), enabled: timerId !== undefined });
  const property = useQuery({
    ...propertyQuery(propertyId ?? ''),
    enabled: propertyId !== undefined,
  });
  useNoted('timers', timerId, timer, (at) => ({ title: at.name, where: at.property.name }));
  useNoted('properties', propertyId, property, ({ name, address, town }) => ({
    title: name,
    where: [address, town].filter(Boolean).join(', '),
  }));
  return (timerId !== undefined && timer.data) || null;
}
