import { Body, Controller, Get, Param, Patch, Post } from '@nestjs/common';
import { ApiOperation, ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { CopiesService } from './copies.service.js';
import { CopyAnswer, CopyChange, CopyFields, CopyListing } from './copy.dto.js';

@ApiTags('copies')
@Controller()
export class CopiesController {
  constructor(private readonly copies: CopiesService) {}

  @ApiOperation({ summary: 'Lists the saved copies of a timer, the newest first.' })
  @Get('timers/:timerId/copies')
  @ApiOkResponse({ type: [CopyListing] })
  @ApiProblems(404)
  list(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<CopyListing[]> {
    return this.copies.list(firmId, timerId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Keeps a copy of settings: as found, as left, or planned.' })
  @Post('timers/:timerId/copies')
  @ApiCreatedResponse({ type: CopyAnswer })
  @ApiProblems(403, 404, 422)
  add(
    @CurrentPerson() person: SignedIn,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() fields: CopyFields,
  ): Promise<CopyAnswer> {
    return this.copies.add(person, timerId, fields);
  }

  @ApiOperation({ summary: 'Gives one saved copy with its settings.' })
  @Get('copies/:copyId')
  @ApiOkResponse({ type: CopyAnswer })
  @ApiProblems(404)
  one(
    @CurrentFirm() firmId: string,
    @Param('copyId', idOf('copy')) copyId: string,
  ): Promise<CopyAnswer> {
    return this.copies.one(firmId, copyId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Names a copy, or says that it is what the timer holds now.' })
  @Patch('copies/:copyId')
  @ApiOkResponse({ type: CopyAnswer })
  @ApiProblems(403, 404, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('copyId', idOf('copy')) copyId: string,
    @Body() change: CopyChange,
  ): Promise<CopyAnswer> {
    return this.copies.change(firmId, copyId, change);
  }
}
