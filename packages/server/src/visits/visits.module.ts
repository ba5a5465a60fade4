import { Module } from '@nestjs/common';
import { PropertiesModule } from '../properties/properties.module.js';
import { JobsService } from './jobs.service.js';
import { VisitsController } from './visits.controller.js';
import { VisitsService } from './visits.service.js';

@Module({
  imports: [PropertiesModule],
  controllers: [VisitsController],
  providers: [VisitsService, JobsService],
})
export class VisitsModule {}
