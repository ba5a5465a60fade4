import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
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
import { idOf } from '../platform/id.pipe.js';
import { PeopleService } from './people.service.js';
import {
  CoilLimitsFields,
  CustomaryFields,
  DemoSignInFields,
  FirmAnswer,
  FirmChange,
  InviteFields,
  AccountLinkAnswer,
  PersonAnswer,
  PersonChange,
  PreferencesChange,
  SessionAnswer,
  SetupFields,
  SignInFields,
  SpansFields,
  WelcomeAnswer,
} from './person.dto.js';
import { FirmChoice, WrittenMailAnswer } from './account.dto.js';
import { addressOf, agentOf, giveCookie, giveDevice, takeCookie } from './cookies.js';
import { Letters } from './letters.js';
import { Members } from './members.js';
import { SessionsService } from './sessions.service.js';
import {
  BeforeSecondFactor,
  CurrentFirm,
  CurrentPerson,
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
    private readonly members: Members,
    private readonly letters: Letters,
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
    const person = await this.people.setUp(fields, addressOf(request));
    giveCookie(request, response, await this.sessions.open(person, agentOf(request)));
  }

  @Public()
  @ApiOperation({ summary: 'Signs somebody in by e-mail and password.' })
  @Post('session')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(401, 413, 422, 429, 503)
  async signIn(
    @Body() fields: SignInFields,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const { token, device } = await this.sessions.signIn(fields, {
      address: addressOf(request),
      device: deviceOf(request),
      agent: agentOf(request),
    });
    giveCookie(request, response, token);
    giveDevice(request, response, device);
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
    giveCookie(request, response, await this.sessions.open(person, agentOf(request)));
  }

  @BeforeSecondFactor()
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

  @BeforeSecondFactor()
  @ApiOperation({ summary: 'Ends the session.' })
  @Delete('session')
  @HttpCode(204)
  @ApiNoContentResponse()
  async signOut(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    await this.sessions.close(tokenOf(request)!);
    takeCookie(request, response);
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

  @ForTechnicians()
  @ApiOperation({ summary: 'Changes the limits by which readings of coils are judged.' })
  @Put('firm/coil-limits')
  @ApiOkResponse({ type: FirmAnswer })
  @ApiProblems(403, 422)
  setCoilLimits(
    @CurrentFirm() firmId: string,
    @Body() fields: CoilLimitsFields,
  ): Promise<FirmAnswer> {
    return this.people.setCoilLimits(firmId, fields);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Changes after how many months things fall due again.' })
  @Put('firm/spans')
  @ApiOkResponse({ type: FirmAnswer })
  @ApiProblems(403, 422)
  setSpans(@CurrentFirm() firmId: string, @Body() fields: SpansFields): Promise<FirmAnswer> {
    return this.people.setSpans(firmId, fields);
  }

  @BeforeSecondFactor()
  @ApiOperation({ summary: 'Goes on as who the person is in another of their firms.' })
  @Put('session/firm')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(404, 422)
  async changeOver(
    @CurrentPerson() person: SignedIn,
    @Body() { personId }: FirmChoice,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const token = await this.sessions.changeOver(person, personId, agentOf(request));
    giveCookie(request, response, token);
  }

  @ApiOperation({ summary: 'Lists the people of the firm.' })
  @Get('people')
  @ApiOkResponse({ type: [PersonAnswer] })
  list(@CurrentFirm() firmId: string): Promise<PersonAnswer[]> {
    return this.members.list(firmId);
  }

  @ForOwners()
  @ApiOperation({ summary: 'Invites somebody to the firm; gives the link by which they join.' })
  @Post('people')
  @ApiCreatedResponse({ type: AccountLinkAnswer })
  @ApiProblems(403, 422)
  async invite(
    @CurrentPerson() person: SignedIn,
    @Body() fields: InviteFields,
  ): Promise<AccountLinkAnswer> {
    return this.letters.written({
      ...(await this.members.invite(person.firmId, fields)),
      kind: 'invite',
      by: person,
    });
  }

  @ForOwners()
  @ApiOperation({ summary: 'Gives a new link to somebody: to join, or to choose a new password.' })
  @Post('people/:personId/link')
  @ApiCreatedResponse({ type: AccountLinkAnswer })
  @ApiProblems(403, 404)
  async link(
    @CurrentPerson() person: SignedIn,
    @Param('personId', idOf('person')) personId: string,
  ): Promise<AccountLinkAnswer> {
    return this.letters.written({
      ...(await this.members.link(person.firmId, personId)),
      by: person,
    });
  }

  @ForOwners()
  @ApiOperation({ summary: 'Changes the role of somebody, or whether they may sign in.' })
  @Patch('people/:personId')
  @ApiOkResponse({ type: PersonAnswer })
  @ApiProblems(403, 404, 409, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('personId', idOf('person')) personId: string,
    @Body() change: PersonChange,
  ): Promise<PersonAnswer> {
    return this.members.change(firmId, personId, change);
  }

  @ForOwners()
  @ApiOperation({ summary: 'Removes somebody; their name stays on what they did.' })
  @Delete('people/:personId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404, 409)
  remove(
    @CurrentFirm() firmId: string,
    @Param('personId', idOf('person')) personId: string,
  ): Promise<void> {
    return this.members.remove(firmId, personId);
  }

  @ForOwners()
  @ApiOperation({ summary: 'Takes out the authenticator of somebody who lost it.' })
  @Delete('people/:personId/second-factor')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404)
  async forgetSecondFactor(
    @CurrentPerson() by: SignedIn,
    @Param('personId', idOf('person')) personId: string,
  ): Promise<void> {
    await this.letters.tellTakenOut(await this.members.forgetSecondFactor(by, personId), by);
  }

  @ForOwners()
  @ApiOperation({ summary: 'Lists the mail that the demo wrote, which nobody is sent.' })
  @Get('outbox')
  @ApiOkResponse({ type: [WrittenMailAnswer] })
  @ApiProblems(403, 404)
  outbox(@CurrentFirm() firmId: string): Promise<WrittenMailAnswer[]> {
    return this.letters.ofDemo(firmId);
  }
}
