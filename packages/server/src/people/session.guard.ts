import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { setAskedBy } from '../platform/asked-by.js';
import { notAllowed, notSignedIn, secondFactorWanted } from '../platform/problem.js';
import type { Role } from '../schema/person.entity.js';
import { SessionsService } from './sessions.service.js';
import { ACCESS_KEYS, type SignedInRequest, tokenOf } from './signed-in.js';

/** Lets nobody in without a session, nor with a role that the route is not for. */
@Injectable()
export class SessionGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly sessions: SessionsService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const about = [context.getHandler(), context.getClass()];
    if (this.reflector.getAllAndOverride<boolean>(ACCESS_KEYS.PUBLIC, about)) return true;
    const request = context.switchToHttp().getRequest<SignedInRequest>();
    const token = tokenOf(request);
    const person = token === undefined ? null : await this.sessions.personOf(token);
    if (!person) throw notSignedIn();
    const isBefore = this.reflector.getAllAndOverride<boolean>(
      ACCESS_KEYS.BEFORE_SECOND_FACTOR,
      about,
    );
    if (person.lacksSecondFactor && !isBefore) throw secondFactorWanted();
    const allowed = this.reflector.getAllAndOverride<Role[] | undefined>(
      ACCESS_KEYS.ALLOWED,
      about,
    );
    if (allowed && !allowed.includes(person.role)) throw notAllowed();
    request.person = person;
    setAskedBy(person);
    return true;
  }
}
