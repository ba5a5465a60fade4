import { Body, Controller, Get, Param, Post, Put, Query } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm } from '../firms/current-firm.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import {
  OutlookQuery,
  SettingsAnswer,
  SettingsChange,
  TimerAnswer,
  TimerFields,
  TimerListing,
} from './timer.dto.js';
import { TimersService } from './timers.service.js';

@ApiTags('timers')
@Controller()
export class TimersController {
  constructor(private readonly timers: TimersService) {}

  @Get('timers')
  @ApiOkResponse({ type: [TimerListing] })
  @ApiProblems(422)
  list(@CurrentFirm() firmId: string, @Query() { from }: OutlookQuery): Promise<TimerListing[]> {
    return this.timers.list(firmId, from);
  }

  @Post('properties/:propertyId/timers')
  @ApiCreatedResponse({ type: TimerAnswer })
  @ApiProblems(404, 422)
  add(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
    @Body() fields: TimerFields,
  ): Promise<TimerAnswer> {
    return this.timers.add(firmId, propertyId, fields);
  }

  @Get('timers/:timerId')
  @ApiOkResponse({ type: TimerAnswer })
  @ApiProblems(404)
  one(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<TimerAnswer> {
    return this.timers.one(firmId, timerId);
  }

  @Get('timers/:timerId/settings')
  @ApiOkResponse({ type: SettingsAnswer })
  @ApiProblems(404)
  settings(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<SettingsAnswer> {
    return this.timers.settingsOf(firmId, timerId);
  }

  @Put('timers/:timerId/settings')
  @ApiOkResponse({ type: SettingsAnswer })
  @ApiProblems(404, 409, 422)
  saveSettings(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() change: SettingsChange,
  ): Promise<SettingsAnswer> {
    return this.timers.saveSettings(firmId, timerId, change);
  }
}
