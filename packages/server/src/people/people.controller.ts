import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Patch,
  Post,
  Put,
  Req,
  Res,
} from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { ApiProblems } from '../platform/api-problems.js';
import { DocumentFields } from '../platform/dto.js';
import { PeopleService } from './people.service.js';
import {
  DemoSignInFields,
  FirmAnswer,
  FirmChange,
  PersonAnswer,
  PersonFields,
  PreferencesChange,
  SessionAnswer,
  SetupFields,
  SignInFields,
  WelcomeAnswer,
} from './person.dto.js';
import { SESSION_DAYS, SessionsService } from './sessions.service.js';
import {
  COOKIE,
  CurrentFirm,
  CurrentPerson,
  ForOwners,
  ForTechnicians,
  Public,
  type SignedIn,
} from './signed-in.js';

@ApiTags('people')
@Controller()
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    private readonly sessions: SessionsService,
  ) {}

  @Public()
  @Get('welcome')
  @ApiOkResponse({ type: WelcomeAnswer })
  welcome(): Promise<WelcomeAnswer> {
    return this.people.welcome();
  }

  @Public()
  @Post('setup')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 422)
  async setUp(
    @Body() fields: SetupFields,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    giveCookie(request, response, await this.sessions.open(await this.people.setUp(fields)));
  }

  @Public()
  @Post('session')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(401, 422)
  async signIn(
    @Body() { email, password }: SignInFields,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    giveCookie(request, response, await this.sessions.signIn(email, password));
  }

  @Public()
  @Post('session/demo')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(404, 422)
  async signInAsDemo(
    @Body() { personId }: DemoSignInFields,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const person = await this.people.demoPerson(personId);
    giveCookie(request, response, await this.sessions.open(person));
  }

  @Get('session')
  @ApiOkResponse({ type: SessionAnswer })
  session(@CurrentPerson() person: SignedIn): Promise<SessionAnswer> {
    return this.people.session(person);
  }

  @Patch('session')
  @ApiOkResponse({ type: SessionAnswer })
  @ApiProblems(422)
  async setPreferences(
    @CurrentPerson() person: SignedIn,
    @Body() { clock }: PreferencesChange,
  ): Promise<SessionAnswer> {
    await this.people.setClock(person, clock);
    return this.people.session(person);
  }

  @Delete('session')
  @HttpCode(204)
  @ApiNoContentResponse()
  async signOut(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    await this.sessions.close((request.cookies as Record<string, string>)[COOKIE]!);
    response.clearCookie(COOKIE, { path: '/api' });
  }

  @ForOwners()
  @Patch('firm')
  @ApiOkResponse({ type: FirmAnswer })
  @ApiProblems(403, 422)
  changeFirm(@CurrentFirm() firmId: string, @Body() change: FirmChange): Promise<FirmAnswer> {
    return this.people.changeFirm(firmId, change);
  }

  @ForTechnicians()
  @Put('firm/customary')
  @ApiOkResponse({ type: FirmAnswer })
  @ApiProblems(403, 422)
  setCustomary(@CurrentFirm() firmId: string, @Body() fields: DocumentFields): Promise<FirmAnswer> {
    return this.people.setCustomary(firmId, fields);
  }

  @Get('people')
  @ApiOkResponse({ type: [PersonAnswer] })
  list(@CurrentFirm() firmId: string): Promise<PersonAnswer[]> {
    return this.people.list(firmId);
  }

  @ForOwners()
  @Post('people')
  @ApiCreatedResponse({ type: PersonAnswer })
  @ApiProblems(403, 422)
  add(@CurrentFirm() firmId: string, @Body() fields: PersonFields): Promise<PersonAnswer> {
    return this.people.add(firmId, fields);
  }
}

function giveCookie(request: Request, response: Response, token: string): void {
  response.cookie(COOKIE, token, {
    httpOnly: true,
    sameSite: 'strict',
    secure: request.secure,
    path: '/api',
    maxAge: SESSION_DAYS * 86_400_000,
  });
}
