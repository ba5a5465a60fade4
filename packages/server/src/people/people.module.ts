import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { TypeOrmModule } from '@nestjs/typeorm';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { KnownDevice, Person, Session } from '../schema/person.entity.js';
import { SessionGuard } from './session.guard.js';
import { SignInTries } from './sign-in-tries.js';
import { SessionsService } from './sessions.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([KnownDevice, Person, Session])],
  controllers: [PeopleController],
  providers: [
    PeopleService,
    SessionsService,
    SignInTries,
    { provide: APP_GUARD, useClass: SessionGuard },
  ],
})
export class PeopleModule {}
