import { Module } from '@nestjs/common';
import { PropertiesModule } from '../properties/properties.module.js';
import { TimersController } from './timers.controller.js';
import { TimersService } from './timers.service.js';

@Module({
  imports: [PropertiesModule],
  controllers: [TimersController],
  providers: [TimersService],
})
export class TimersModule {}
