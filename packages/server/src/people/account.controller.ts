import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  Post,
  Put,
  Req,
  Res,
} from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import {
  AccountAnswer,
  LinkHeld,
  LinkUse,
  LinkUsed,
  PasswordAsked,
  PasswordChange,
  RecoveryCodesAnswer,
  SecondFactorFields,
  SecretAnswer,
  StrengthAnswer,
  StrengthFields,
} from './account.dto.js';
import { AccountLinks } from './account-links.js';
import { AccountsService } from './accounts.service.js';
import { addressOf, agentOf, giveCookie } from './cookies.js';
import { NewPasswords } from './new-passwords.js';
import { SecondFactors } from './second-factors.js';
import { SessionsService } from './sessions.service.js';
import { BeforeSecondFactor, CurrentPerson, Public, type SignedIn } from './signed-in.js';

@ApiTags('account')
@BeforeSecondFactor()
@Controller()
export class AccountController {
  constructor(
    private readonly accounts: AccountsService,
    private readonly secondFactors: SecondFactors,
    private readonly links: AccountLinks,
    private readonly passwords: NewPasswords,
    private readonly sessions: SessionsService,
  ) {}

  @ApiOperation({ summary: "Tells of one's own account, and where it is signed in." })
  @Get('account')
  @ApiOkResponse({ type: AccountAnswer })
  account(@CurrentPerson() person: SignedIn): Promise<AccountAnswer> {
    return this.accounts.of(person);
  }

  @ApiOperation({ summary: "Changes one's own password, and ends all other sessions." })
  @Put('account/password')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(422, 429, 503)
  changePassword(
    @CurrentPerson() person: SignedIn,
    @Body() change: PasswordChange,
    @Req() request: Request,
  ): Promise<void> {
    return this.accounts.changePassword(person, change, addressOf(request));
  }

  @ApiOperation({ summary: 'Begins to set up an authenticator: gives its secret.' })
  @Post('account/second-factor')
  @HttpCode(200)
  @ApiOkResponse({ type: SecretAnswer })
  @ApiProblems(422, 429, 503)
  async beginSecondFactor(
    @CurrentPerson() person: SignedIn,
    @Body() { password }: PasswordAsked,
  ): Promise<SecretAnswer> {
    await this.accounts.confirm(person, password);
    return this.secondFactors.begin(person.accountId);
  }

  @ApiOperation({ summary: 'Confirms the authenticator by a code; gives recovery codes.' })
  @Put('account/second-factor')
  @ApiOkResponse({ type: RecoveryCodesAnswer })
  @ApiProblems(422)
  confirmSecondFactor(
    @CurrentPerson() { accountId }: SignedIn,
    @Body() { code }: SecondFactorFields,
  ): Promise<RecoveryCodesAnswer> {
    return this.secondFactors.confirm(accountId, code);
  }

  @ApiOperation({ summary: 'Takes the authenticator out.' })
  @Delete('account/second-factor')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(422, 429, 503)
  removeSecondFactor(
    @CurrentPerson() person: SignedIn,
    @Body() { password }: PasswordAsked,
  ): Promise<void> {
    return this.accounts.removeSecondFactor(person, password);
  }

  @ApiOperation({ summary: "Ends all of one's sessions but this one." })
  @Delete('account/sessions')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(422, 429, 503)
  async endOtherSessions(
    @CurrentPerson() person: SignedIn,
    @Body() { password }: PasswordAsked,
  ): Promise<void> {
    await this.accounts.confirm(person, password);
    await this.accounts.endOtherSessions(person);
  }

  @ApiOperation({ summary: "Ends one of one's sessions." })
  @Delete('account/sessions/:sessionId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(404, 422, 429, 503)
  async endSession(
    @CurrentPerson() person: SignedIn,
    @Param('sessionId', idOf('session')) sessionId: string,
    @Body() { password }: PasswordAsked,
  ): Promise<void> {
    await this.accounts.confirm(person, password);
    await this.accounts.endSession(person, sessionId);
  }

  @Public()
  @ApiOperation({ summary: 'Tells how hard a password is to guess.' })
  @Post('session/strength')
  @HttpCode(200)
  @ApiOkResponse({ type: StrengthAnswer })
  @ApiProblems(413, 422, 503)
  async strength(
    @Body() { password }: StrengthFields,
    @Req() request: Request,
  ): Promise<StrengthAnswer> {
    return { strength: await this.passwords.strengthOf(password, [], addressOf(request)) };
  }

  @Public()
  @ApiOperation({ summary: 'Tells whoever holds a link what it is for.' })
  @Get('session/links/:token')
  @ApiOkResponse({ type: LinkHeld })
  @ApiProblems(404)
  held(@Param('token') token: string): Promise<LinkHeld> {
    return this.links.held(token);
  }

  /** A new password signs in at once; the one that is known does so at the door. */
  @Public()
  @ApiOperation({ summary: 'Joins a firm, or sets a new password, by a link.' })
  @Post('session/links/:token')
  @HttpCode(200)
  @ApiOkResponse({ type: LinkUsed })
  @ApiProblems(401, 404, 413, 422, 429, 503)
  async use(
    @Param('token') token: string,
    @Body() fields: LinkUse,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<LinkUsed> {
    const person = await this.links.use(token, fields, addressOf(request));
    if (person) giveCookie(request, response, await this.sessions.open(person, agentOf(request)));
    return { isSignedIn: person !== null };
  }
}
