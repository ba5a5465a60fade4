import { Module } from '@nestjs/common';
import { PropertiesModule } from '../properties/properties.module.js';
import { Standings } from '../timer-records/standings.js';
import { CalendarsService } from './calendars.service.js';
import { DueAnswersService } from './due-answers.service.js';
import { PlannedVisitsService } from './planned-visits.service.js';
import { RoundController } from './round.controller.js';
import { RoundService } from './round.service.js';

@Module({
  imports: [PropertiesModule],
  controllers: [RoundController],
  providers: [RoundService, PlannedVisitsService, DueAnswersService, CalendarsService, Standings],
})
export class RoundModule {}
