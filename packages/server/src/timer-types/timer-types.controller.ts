import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, ForTechnicians } from '../people/signed-in.js';
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

  @Get()
  @ApiOkResponse({ type: [TimerTypeAnswer] })
  list(@CurrentFirm() firmId: string): Promise<TimerTypeAnswer[]> {
    return this.timerTypes.list(firmId);
  }

  @ForTechnicians()
  @Post()
  @ApiCreatedResponse({ type: TimerTypeAnswer })
  @ApiProblems(403, 422)
  add(@CurrentFirm() firmId: string, @Body() fields: TimerTypeFields): Promise<TimerTypeAnswer> {
    return this.timerTypes.add(firmId, fields);
  }

  @ForTechnicians()
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

  @Post(':timerTypeId/preview')
  @HttpCode(200)
  @ApiOkResponse({ type: [TimerTypeBreak] })
  @ApiProblems(404, 422)
  preview(
    @CurrentFirm() firmId: string,
    @Param('timerTypeId', idOf('timer type')) timerTypeId: string,
    @Body() fields: TimerTypePreviewFields,
  ): Promise<TimerTypeBreak[]> {
    return this.timerTypes.preview(firmId, timerTypeId, fields);
  }

  @ForTechnicians()
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
}
