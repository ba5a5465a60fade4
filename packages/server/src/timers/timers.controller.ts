import { Body, Controller, Get, Param, Patch, Post, Put, Query } from '@nestjs/common';
import { ApiOperation, ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { OnDate } from '../platform/dto.js';
import { idOf } from '../platform/id.pipe.js';
import {
  HoldsChange,
  SettingsAnswer,
  SettingsChange,
  TimerAnswer,
  TimerChange,
  TimerFields,
  YardAnswer,
  YardChange,
} from './timer.dto.js';
import { TimersService } from './timers.service.js';

@ApiTags('timers')
@Controller()
export class TimersController {
  constructor(private readonly timers: TimersService) {}

  @ForTechnicians()
  @ApiOperation({ summary: 'Adds a timer with its first settings.' })
  @Post('properties/:propertyId/timers')
  @ApiCreatedResponse({ type: TimerAnswer })
  @ApiProblems(403, 404, 422)
  add(
    @CurrentPerson() person: SignedIn,
    @Param('propertyId', idOf('property')) propertyId: string,
    @Body() fields: TimerFields,
  ): Promise<TimerAnswer> {
    return this.timers.add(person, propertyId, fields);
  }

  @ApiOperation({ summary: 'Gives one timer with its property.' })
  @Get('timers/:timerId')
  @ApiOkResponse({ type: TimerAnswer })
  @ApiProblems(404)
  one(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<TimerAnswer> {
    return this.timers.one(firmId, timerId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Names a timer, or says whether it holds a backup of its own.' })
  @Patch('timers/:timerId')
  @ApiOkResponse({ type: TimerAnswer })
  @ApiProblems(403, 404, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() change: TimerChange,
  ): Promise<TimerAnswer> {
    return this.timers.change(firmId, timerId, change);
  }

  @ApiOperation({ summary: 'Gives the settings of a timer, with the rules that hold on a date.' })
  @Get('timers/:timerId/settings')
  @ApiOkResponse({ type: SettingsAnswer })
  @ApiProblems(404, 422)
  settings(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
    @Query() { on }: OnDate,
  ): Promise<SettingsAnswer> {
    return this.timers.settingsOf(firmId, timerId, on);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Saves settings, made from a version of them, and keeps a copy.' })
  @Put('timers/:timerId/settings')
  @ApiOkResponse({ type: SettingsAnswer })
  @ApiProblems(403, 404, 409, 422)
  saveSettings(
    @CurrentPerson() person: SignedIn,
    @Param('timerId', idOf('timer')) timerId: string,
    @Query() { on }: OnDate,
    @Body() change: SettingsChange,
  ): Promise<SettingsAnswer> {
    return this.timers.saveSettings(person, timerId, change, on);
  }

  @ApiOperation({ summary: 'Holds a timer, or ends its holds; the settings stay as they are.' })
  @Put('timers/:timerId/holds')
  @ApiOkResponse({ type: SettingsAnswer })
  @ApiProblems(404, 409, 422)
  hold(
    @CurrentPerson() person: SignedIn,
    @Param('timerId', idOf('timer')) timerId: string,
    @Query() { on }: OnDate,
    @Body() change: HoldsChange,
  ): Promise<SettingsAnswer> {
    return this.timers.hold(person, timerId, change, on);
  }

  @ApiOperation({ summary: 'Gives the yard of a timer.' })
  @Get('timers/:timerId/yard')
  @ApiOkResponse({ type: YardAnswer })
  @ApiProblems(404)
  yard(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<YardAnswer> {
    return this.timers.yardOf(firmId, timerId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Saves a yard, made from a version of it.' })
  @Put('timers/:timerId/yard')
  @ApiOkResponse({ type: YardAnswer })
  @ApiProblems(403, 404, 409, 422)
  saveYard(
    @CurrentPerson() person: SignedIn,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() change: YardChange,
  ): Promise<YardAnswer> {
    return this.timers.saveYard(person, timerId, change);
  }
}
