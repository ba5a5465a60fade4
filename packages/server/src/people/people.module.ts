import { Module, type DynamicModule } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Account } from '../schema/account.entity.js';
import { KnownDevice, Person, Session } from '../schema/person.entity.js';
import { AccountController } from './account.controller.js';
import { AccountLinks } from './account-links.js';
import { AccountsService } from './accounts.service.js';
import { Letters, PUBLIC_URL } from './letters.js';
import { MAIL_FOLDER, Mailer } from './mailer.js';
import { Members } from './members.js';
import { NewPasswords } from './new-passwords.js';
import { PeopleController } from './people.controller.js';
import { PeopleService, SETUP_CODE } from './people.service.js';
import { SecondFactors } from './second-factors.js';
import { SessionGuard } from './session.guard.js';
import { SessionsService } from './sessions.service.js';
import { SignInTries } from './sign-in-tries.js';

export interface PeopleOptions {
  /** What the first owner must know; null: nobody sets anything up here. */
  readonly setupCode: string | null;
  /** Where mail is written; null: nowhere. */
  readonly mailFolder: string | null;
  /** Where people reach the application, without a slash at its end. */
  readonly publicUrl: string;
}

@Module({})
export class PeopleModule {
  static with({ setupCode, mailFolder, publicUrl }: PeopleOptions): DynamicModule {
    return {
      module: PeopleModule,
      imports: [TypeOrmModule.forFeature([Account, KnownDevice, Person, Session])],
      controllers: [PeopleController, AccountController],
      providers: [
        PeopleService,
        AccountsService,
        AccountLinks,
        Letters,
        Mailer,
        Members,
        NewPasswords,
        SecondFactors,
        SessionsService,
        SignInTries,
        { provide: SETUP_CODE, useValue: setupCode },
        { provide: MAIL_FOLDER, useValue: mailFolder },
        { provide: PUBLIC_URL, useValue: publicUrl },
        { provide: APP_GUARD, useClass: SessionGuard },
      ],
    };
  }
}
