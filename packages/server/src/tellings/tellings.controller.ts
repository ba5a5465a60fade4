import { Body, Controller, Get, Header, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, CurrentPerson, Public, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { TellingAnswer, TellingChange, TellingFields } from './telling.dto.js';
import { TellingsService } from './tellings.service.js';

/** What households tell; whoever works for the firm reads it, and says that it is seen to: the office too. */
@ApiTags('tellings')
@Controller()
export class TellingsController {
  constructor(private readonly tellings: TellingsService) {}

  @Public()
  @ApiOperation({ summary: 'Tells the firm what was seen, by whoever has a link to a sheet.' })
  @Post('shared/:token/tellings')
  @HttpCode(204)
  @Header('cache-control', 'no-store')
  @ApiNoContentResponse()
  @ApiProblems(404, 422, 429)
  tell(@Param('token') token: string, @Body() { document }: TellingFields): Promise<void> {
    return this.tellings.tell(token, document);
  }

  @ApiOperation({ summary: 'Lists what households told and nobody has seen to, the newest first.' })
  @Get('tellings')
  @ApiOkResponse({ type: [TellingAnswer] })
  open(@CurrentFirm() firmId: string): Promise<TellingAnswer[]> {
    return this.tellings.open(firmId);
  }

  @ApiOperation({ summary: 'Lists what was told of a timer, the newest first.' })
  @Get('timers/:timerId/tellings')
  @ApiOkResponse({ type: [TellingAnswer] })
  @ApiProblems(404)
  ofTimer(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<TellingAnswer[]> {
    return this.tellings.ofTimer(firmId, timerId);
  }

  @ApiOperation({ summary: 'Says that somebody has seen to what was told, or has not.' })
  @Patch('tellings/:tellingId')
  @ApiOkResponse({ type: TellingAnswer })
  @ApiProblems(404, 422)
  change(
    @CurrentPerson() person: SignedIn,
    @Param('tellingId', idOf('telling')) tellingId: string,
    @Body() { isClosed }: TellingChange,
  ): Promise<TellingAnswer> {
    return this.tellings.change(person, tellingId, isClosed);
  }
}
