import { Module } from '@nestjs/common';
import { Standings } from '../timer-records/standings.js';
import { ScheduleService } from './schedule.service.js';

@Module({ providers: [ScheduleService, Standings] })
export class ScheduleModule {}
