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
import {
  ApiOperation,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiTags,
} from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { ApiProblems } from '../platform/api-problems.js';
import { PeopleService } from './people.service.js';
import {
  CustomaryFields,
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
import { DEVICE_DAYS, SESSION_DAYS, SessionsService } from './sessions.service.js';
import {
  COOKIE,
  CurrentFirm,
  CurrentPerson,
  DEVICE_COOKIE,
  deviceOf,
  ForOwners,
  ForTechnicians,
  Public,
  type SignedIn,
  tokenOf,
} from './signed-in.js';

@ApiTags('people')
@Controller()
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    private readonly sessions: SessionsService,
  ) {}

  @Public()
  @ApiOperation({ summary: 'Tells the door what it needs to know before anybody has signed in.' })
  @Get('welcome')
  @ApiOkResponse({ type: WelcomeAnswer })
  welcome(): Promise<WelcomeAnswer> {
    return this.people.welcome();
  }

  @Public()
  @ApiOperation({ summary: 'Sets up the first firm and its owner, and signs them in.' })
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
  @ApiOperation({ summary: 'Signs somebody in by e-mail and password.' })
  @Post('session')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(401, 413, 422, 429, 503)
  async signIn(
    @Body() { email, password }: SignInFields,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const { token, device } = await this.sessions.signIn(email, password, {
      address: request.ip ?? 'unknown',
      device: deviceOf(request),
    });
    giveCookie(request, response, token);
    response.cookie(DEVICE_COOKIE, device, {
      ...cookieOptions(request),
      path: '/api/session',
      maxAge: DEVICE_DAYS * DAY_MS,
    });
  }

  @Public()
  @ApiOperation({ summary: 'Signs in as a person of the demo data.' })
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

  @ApiOperation({ summary: 'Tells who is signed in, and their firm.' })
  @Get('session')
  @ApiOkResponse({ type: SessionAnswer })
  session(@CurrentPerson() person: SignedIn): Promise<SessionAnswer> {
    return this.people.session(person);
  }

  @ApiOperation({ summary: 'Changes how the person who is signed in reads times.' })
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

  @ApiOperation({ summary: 'Ends the session.' })
  @Delete('session')
  @HttpCode(204)
  @ApiNoContentResponse()
  async signOut(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    await this.sessions.close(tokenOf(request)!);
    response.clearCookie(COOKIE, { path: '/api' });
  }

  @ForOwners()
  @ApiOperation({ summary: "Changes the firm's name, telephone, units or currency." })
  @Patch('firm')
  @ApiOkResponse({ type: FirmAnswer })
  @ApiProblems(403, 422)
  changeFirm(@CurrentFirm() firmId: string, @Body() change: FirmChange): Promise<FirmAnswer> {
    return this.people.changeFirm(firmId, change);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Changes what the firm waters by the minute.' })
  @Put('firm/customary')
  @ApiOkResponse({ type: FirmAnswer })
  @ApiProblems(403, 422)
  setCustomary(
    @CurrentFirm() firmId: string,
    @Body() fields: CustomaryFields,
  ): Promise<FirmAnswer> {
    return this.people.setCustomary(firmId, fields);
  }

  @ApiOperation({ summary: 'Lists the people of the firm.' })
  @Get('people')
  @ApiOkResponse({ type: [PersonAnswer] })
  list(@CurrentFirm() firmId: string): Promise<PersonAnswer[]> {
    return this.people.list(firmId);
  }

  @ForOwners()
  @ApiOperation({ summary: 'Adds somebody to the firm.' })
  @Post('people')
  @ApiCreatedResponse({ type: PersonAnswer })
  @ApiProblems(403, 422)
  add(@CurrentFirm() firmId: string, @Body() fields: PersonFields): Promise<PersonAnswer> {
    return this.people.add(firmId, fields);
  }
}

function giveCookie(request: Request, response: Response, token: string): void {
  response.cookie(COOKIE, token, {
    ...cookieOptions(request),
    path: '/api',
    maxAge: SESSION_DAYS * DAY_MS,
  });
}

const DAY_MS = 86_400_000;

const cookieOptions = ({ secure }: Request) =>
  ({ httpOnly: true, sameSite: 'strict', secure }) as const;
