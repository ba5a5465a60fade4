import type { Request, Response } from 'express';
import { DEVICE_DAYS, SESSION_DAYS } from './sessions.service.js';
import { COOKIE, DEVICE_COOKIE } from './signed-in.js';

const DAY_MS = 86_400_000;

/** The name of the application's setting by which cookies go over TLS only. */
export const SECURE_COOKIES = 'secure cookies';

const options = ({ secure, app }: Request) =>
  ({
    httpOnly: true,
    sameSite: 'strict',
    secure: secure || app.get(SECURE_COOKIES) === true,
  }) as const;

/** The browser carries the session from now on. */
export function giveCookie(request: Request, response: Response, token: string): void {
  const maxAge = SESSION_DAYS * DAY_MS;
  response.cookie(COOKIE, token, { ...options(request), path: '/api', maxAge });
}

/** The device is known again by it. */
export function giveDevice(request: Request, response: Response, device: string): void {
  const maxAge = DEVICE_DAYS * DAY_MS;
  response.cookie(DEVICE_COOKIE, device, { ...options(request), path: '/api/session', maxAge });
}

export const addressOf = ({ ip }: Request): string => ip ?? 'unknown';

export const agentOf = (request: Request): string => request.get('user-agent') ?? '';
