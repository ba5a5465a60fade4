import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { PropertiesModule } from '../properties/properties.module.js';
import { Timer, TimerSettings } from './timer.entity.js';
import { TimersController } from './timers.controller.js';
import { TimersService } from './timers.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Timer, TimerSettings]), PropertiesModule],
  controllers: [TimersController],
  providers: [TimersService],
})
export class TimersModule {}
