import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import {
  ApiOperation,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiTags,
} from '@nestjs/swagger';
import { CurrentFirm, CurrentPerson, type SignedIn, ForTechnicians } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import {
  TimerTypeAnswer,
  TimerTypeBreak,
  TimerTypeChange,
  TimerTypeFields,
  TimerTypePreviewFields,
} from './timer-type.dto.js';
import { TimerTypesService } from './timer-types.service.js';

@ApiTags('timer-types')
@Controller('timer-types')
export class TimerTypesController {
  constructor(private readonly timerTypes: TimerTypesService) {}

  @ApiOperation({ summary: "Lists the firm's timer types." })
  @Get()
  @ApiOkResponse({ type: [TimerTypeAnswer] })
  list(@CurrentFirm() firmId: string): Promise<TimerTypeAnswer[]> {
    return this.timerTypes.list(firmId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Adds a timer type.' })
  @Post()
  @ApiCreatedResponse({ type: TimerTypeAnswer })
  @ApiProblems(403, 422)
  add(@CurrentFirm() firmId: string, @Body() fields: TimerTypeFields): Promise<TimerTypeAnswer> {
    return this.timerTypes.add(firmId, fields);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Changes a timer type, and what its timers can do.' })
  @Put(':timerTypeId')
  @ApiOkResponse({ type: TimerTypeAnswer })
  @ApiProblems(403, 404, 409, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('timerTypeId', idOf('timer type')) timerTypeId: string,
    @Body() change: TimerTypeChange,
  ): Promise<TimerTypeAnswer> {
    return this.timerTypes.change(firmId, timerTypeId, change);
  }

  @ApiOperation({ summary: 'Tells which timers a change of their type would break.' })
  @Post(':timerTypeId/preview')
  @HttpCode(200)
  @ApiOkResponse({ type: [TimerTypeBreak] })
  @ApiProblems(404, 422, 503)
  preview(
    @CurrentPerson() person: SignedIn,
    @Param('timerTypeId', idOf('timer type')) timerTypeId: string,
    @Body() fields: TimerTypePreviewFields,
  ): Promise<TimerTypeBreak[]> {
    return this.timerTypes.preview(person, timerTypeId, fields);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Takes a timer type out of the library; its timers stay as they are.' })
  @Delete(':timerTypeId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404)
  remove(
    @CurrentFirm() firmId: string,
    @Param('timerTypeId', idOf('timer type')) timerTypeId: string,
  ): Promise<void> {
    return this.timerTypes.remove(firmId, timerTypeId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Brings back a timer type, for the timers that were of it.' })
  @Post(':timerTypeId/bring-back')
  @ApiCreatedResponse({ type: TimerTypeAnswer })
  @ApiProblems(403, 404, 422)
  bringBack(
    @CurrentFirm() firmId: string,
    @Param('timerTypeId', idOf('timer type')) timerTypeId: string,
  ): Promise<TimerTypeAnswer> {
    return this.timerTypes.bringBack(firmId, timerTypeId);
  }
}
