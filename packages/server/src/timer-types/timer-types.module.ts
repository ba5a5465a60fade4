import { Module } from '@nestjs/common';
import { TimerTypesController } from './timer-types.controller.js';
import { TimerTypesService } from './timer-types.service.js';

@Module({ controllers: [TimerTypesController], providers: [TimerTypesService] })
export class TimerTypesModule {}
