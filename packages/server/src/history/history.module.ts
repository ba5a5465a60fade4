import { Module } from '@nestjs/common';
import { PropertiesModule } from '../properties/properties.module.js';
import { HistoryController } from './history.controller.js';
import { HistoryService } from './history.service.js';

@Module({
  imports: [PropertiesModule],
  controllers: [HistoryController],
  providers: [HistoryService],
})
export class HistoryModule {}
