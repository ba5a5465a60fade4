import {
  applyDecorators,
  createParamDecorator,
  SetMetadata,
  type ExecutionContext,
} from '@nestjs/common';
import { ApiExtension } from '@nestjs/swagger';
import { fieldOf } from '@water-clock/core/kernel';
import type { Request } from 'express';
import type { Asker } from '../computing/fair-queue.js';
import type { Clock, Role } from '../schema/person.entity.js';

/** The person that a request is made by. */
export interface SignedIn {
  readonly id: string;
  readonly accountId: string;
  readonly sessionId: string;
  /** The firm wants an authenticator, and there is none yet: little is open before there is. */
  readonly lacksSecondFactor: boolean;
  readonly firmId: string;
  readonly name: string;
  readonly role: Role;
  readonly clock: Clock;
}

/** For whom threads work when this person asks. */
export const askerOf = ({ firmId, id }: SignedIn): Asker => ({ firmId, personId: id });

export type SignedInRequest = Request & { person?: SignedIn };

export const COOKIE = 'water_clock_session';

/** The name of the application's setting by which cookies go over TLS only. */
export const SECURE_COOKIES = 'secure cookies';

/** Whether what this browser is given goes over TLS only. */
export const isOverTls = ({ secure, app }: Request): boolean =>
  secure || app.get(SECURE_COOKIES) === true;

/** Over TLS a browser takes a cookie of such a name from this very host alone. */
export const nameOfCookie = (request: Request, name: string): string =>
  isOverTls(request) ? `__Host-${name}` : name;

/** Stays when a session ends: by it strangers' wrong passwords are told from those of the device. */
export const DEVICE_COOKIE = 'water_clock_device';

function cookieOf(request: Request, name: string): string | undefined {
  const value = fieldOf(request.cookies, nameOfCookie(request, name));
  return typeof value === 'string' ? value : undefined;
}

/** What the browser sent to be known by; undefined where it sent nothing. */
export const tokenOf = (request: Request): string | undefined => cookieOf(request, COOKIE);

export const deviceOf = (request: Request): string | undefined => cookieOf(request, DEVICE_COOKIE);

/** How the API's description tells such a route, until it says so in its own way. */
export const PUBLIC_MARK = 'x-is-public';

const PUBLIC = 'isPublic';
const ALLOWED = 'allowedRoles';
const BEFORE_SECOND_FACTOR = 'isBeforeSecondFactor';
export const ACCESS_KEYS = { PUBLIC, ALLOWED, BEFORE_SECOND_FACTOR } as const;

/** The route may be used without signing in. */
export const Public = () =>
  applyDecorators(SetMetadata(PUBLIC, true), ApiExtension(PUBLIC_MARK, true));

/** Open to whoever still has to set up the authenticator that the firm wants. */
export const BeforeSecondFactor = () => SetMetadata(BEFORE_SECOND_FACTOR, true);

/** The route changes settings: nobody from the office. */
export const ForTechnicians = () => SetMetadata(ALLOWED, ['owner', 'technician'] satisfies Role[]);

export const ForOwners = () => SetMetadata(ALLOWED, ['owner'] satisfies Role[]);

const personOf = (context: ExecutionContext): SignedIn =>
  context.switchToHttp().getRequest<SignedInRequest>().person!;

export const CurrentPerson = createParamDecorator((_: unknown, context: ExecutionContext) =>
  personOf(context),
);

/** The id of the firm that the request is made for. */
export const CurrentFirm = createParamDecorator(
  (_: unknown, context: ExecutionContext) => personOf(context).firmId,
);
