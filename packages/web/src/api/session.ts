import type { Customary } from '@water-clock/core/needs';
import { queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request, type Api } from './request';

export type Person = Api['PersonAnswer'];
export type Role = Person['role'];
export type Firm = Api['FirmAnswer'];
export type Session = Api['SessionAnswer'];
export type SetupFields = Api['SetupFields'];
export type InviteFields = Api['InviteFields'];
export type AccountLink = Api['AccountLinkAnswer'];

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: () => request('get', '/api/session'),
  staleTime: 300_000,
  ...KEPT,
});

export const welcomeQuery = queryOptions({
  queryKey: ['welcome'],
  queryFn: () => request('get', '/api/welcome'),
  staleTime: 0,
});

export const peopleQuery = queryOptions({
  queryKey: ['people'],
  queryFn: () => request('get', '/api/people'),
});

export const signIn = (body: Api['SignInFields']): Promise<void> =>
  request('post', '/api/session', { body });

export const signInAsDemo = (personId: string): Promise<void> =>
  request('post', '/api/session/demo', { body: { personId } });

export const signOut = (): Promise<void> => request('delete', '/api/session');

export const setUp = (body: SetupFields): Promise<void> => request('post', '/api/setup', { body });

export const setClock = (clock: Person['clock']): Promise<Session> =>
  request('patch', '/api/session', { body: { clock } });

export const changeFirm = (body: Api['FirmChange']): Promise<Firm> =>
  request('patch', '/api/firm', { body });

export const setCustomary = (document: Customary): Promise<Firm> =>
  request('put', '/api/firm/customary', { body: { document } });

export const invitePerson = (body: InviteFields): Promise<AccountLink> =>
  request('post', '/api/people', { body });

/** A new link: to join, or to choose a new password. */
export const linkPerson = (personId: string): Promise<AccountLink> =>
  request('post', '/api/people/{personId}/link', { path: { personId } });

export const changePerson = ({
  personId,
  ...body
}: Api['PersonChange'] & { readonly personId: string }): Promise<Person> =>
  request('patch', '/api/people/{personId}', { path: { personId }, body });

/** For somebody who lost their authenticator, and has no recovery code left. */
export const forgetSecondFactor = (personId: string): Promise<void> =>
  request('delete', '/api/people/{personId}/second-factor', { path: { personId } });

export const removePerson = (personId: string): Promise<void> =>
  request('delete', '/api/people/{personId}', { path: { personId } });

/** Goes on as who one is in another of one's firms. */
export const changeOver = (personId: string): Promise<void> =>
  request('put', '/api/session/firm', { body: { personId } });
