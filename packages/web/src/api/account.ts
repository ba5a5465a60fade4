import { queryOptions } from '@tanstack/react-query';
import { request, type Api } from './request';

export type Account = Api['AccountAnswer'];
export type SessionListing = Api['SessionListing'];
export type LinkHeld = Api['LinkHeld'];

export const accountQuery = queryOptions({
  queryKey: ['account'],
  queryFn: () => request('get', '/api/account'),
  staleTime: 0,
});

export const changePassword = (body: Api['PasswordChange']): Promise<void> =>
  request('put', '/api/account/password', { body });

export const beginSecondFactor = (password: string) =>
  request('post', '/api/account/second-factor', { body: { password } });

export const confirmSecondFactor = (code: string) =>
  request('put', '/api/account/second-factor', { body: { code } });

export const removeSecondFactor = (password: string): Promise<void> =>
  request('delete', '/api/account/second-factor', { body: { password } });

interface EndedSession {
  readonly sessionId: string;
  readonly password: string;
}

export const endSession = ({ sessionId, password }: EndedSession): Promise<void> =>
  request('delete', '/api/account/sessions/{sessionId}', {
    path: { sessionId },
    body: { password },
  });

export const endOtherSessions = (password: string): Promise<void> =>
  request('delete', '/api/account/sessions', { body: { password } });

/** How hard a password is to guess, 0 to 4. Not kept for longer than it is looked at. */
export const strengthQuery = (password: string) =>
  queryOptions({
    queryKey: ['strength', password],
    queryFn: () => request('post', '/api/session/strength', { body: { password } }),
    enabled: password !== '',
    staleTime: Infinity,
    gcTime: 0,
    retry: false,
  });

/** What a link is for, told to whoever holds it. */
export const linkQuery = (token: string) =>
  queryOptions({
    queryKey: ['link', token],
    queryFn: () => request('get', '/api/session/links/{token}', { path: { token } }),
    retry: false,
    gcTime: 0,
  });

export const applyLink = (token: string, body: Api['LinkUse']): Promise<Api['LinkUsed']> =>
  request('post', '/api/session/links/{token}', { path: { token }, body });

export const outboxQuery = queryOptions({
  queryKey: ['outbox'],
  queryFn: () => request('get', '/api/outbox'),
  staleTime: 0,
});
