import type { Customary } from '@water-clock/core/needs';
import { queryOptions } from '@tanstack/react-query';
import type { Clock, UnitSystem } from '../format/reading';
import { KEPT } from './kept';
import { request } from './client';

export type Role = 'owner' | 'technician' | 'office';

export interface Person {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  readonly clock: Clock;
}

export interface Firm {
  readonly id: string;
  readonly name: string;
  /** Whom a household phones. */
  readonly phone: string;
  readonly units: UnitSystem;
  /** ISO 4217. */
  readonly currency: string;
  readonly customary: Customary;
}

export interface Session {
  readonly person: Person;
  readonly firm: Firm;
}

export interface Welcome {
  readonly needsSetup: boolean;
  readonly demoPeople: readonly {
    readonly id: string;
    readonly name: string;
    readonly role: Role;
    readonly firm: string;
  }[];
}

export interface SetupFields {
  readonly firm: string;
  readonly name: string;
  readonly email: string;
  readonly password: string;
}

export interface PersonFields {
  readonly name: string;
  readonly email: string;
  readonly password: string;
  readonly role: Role;
}

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: () => request<Session>('/session'),
  staleTime: 300_000,
  ...KEPT,
});

export const welcomeQuery = queryOptions({
  queryKey: ['welcome'],
  queryFn: () => request<Welcome>('/welcome'),
  staleTime: 0,
});

export const peopleQuery = queryOptions({
  queryKey: ['people'],
  queryFn: () => request<Person[]>('/people'),
});

export const signIn = (email: string, password: string): Promise<void> =>
  request('/session', { method: 'POST', body: { email, password } });

export const signInAsDemo = (personId: string): Promise<void> =>
  request('/session/demo', { method: 'POST', body: { personId } });

export const signOut = (): Promise<void> => request('/session', { method: 'DELETE' });

export const setUp = (fields: SetupFields): Promise<void> =>
  request('/setup', { method: 'POST', body: fields });

export const setClock = (clock: Clock): Promise<Session> =>
  request('/session', { method: 'PATCH', body: { clock } });

export const changeFirm = (
  change: Partial<Pick<Firm, 'name' | 'phone' | 'units' | 'currency'>>,
): Promise<Firm> => request('/firm', { method: 'PATCH', body: change });

export const setCustomary = (document: Customary): Promise<Firm> =>
  request('/firm/customary', { method: 'PUT', body: { document } });

export const addPerson = (fields: PersonFields): Promise<Person> =>
  request('/people', { method: 'POST', body: fields });
