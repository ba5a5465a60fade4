import type { CookieOptions, Request, Response } from 'express';
import { DEVICE_DAYS, SESSION_DAYS } from './sessions.service.js';
import { COOKIE, DEVICE_COOKIE, isOverTls, nameOfCookie } from './signed-in.js';

const DAY_MS = 86_400_000;

/** Over TLS it is the whole host's, as its name then asks for; else only the API is sent it. */
function optionsFor(request: Request): CookieOptions {
  const secure = isOverTls(request);
  return { httpOnly: true, sameSite: 'strict', secure, path: secure ? '/' : '/api' };
}

/** The browser carries the session from now on. */
export function giveCookie(request: Request, response: Response, token: string): void {
  const maxAge = SESSION_DAYS * DAY_MS;
  response.cookie(nameOfCookie(request, COOKIE), token, { ...optionsFor(request), maxAge });
}

export function takeCookie(request: Request, response: Response): void {
  response.clearCookie(nameOfCookie(request, COOKIE), optionsFor(request));
}

/** The device is known again by it. */
export function giveDevice(request: Request, response: Response, device: string): void {
  const maxAge = DEVICE_DAYS * DAY_MS;
  response.cookie(nameOfCookie(request, DEVICE_COOKIE), device, {
    ...optionsFor(request),
    maxAge,
  });
}

export const addressOf = ({ ip }: Request): string => ip ?? 'unknown';

export const agentOf = (request: Request): string => request.get('user-agent') ?? '';
