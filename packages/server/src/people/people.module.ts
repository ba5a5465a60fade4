import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { TypeOrmModule } from '@nestjs/typeorm';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { Person, Session, SignInFailure } from '../schema/person.entity.js';
import { SessionGuard } from './session.guard.js';
import { SessionsService } from './sessions.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Person, Session, SignInFailure])],
  controllers: [PeopleController],
  providers: [PeopleService, SessionsService, { provide: APP_GUARD, useClass: SessionGuard }],
})
export class PeopleModule {}
