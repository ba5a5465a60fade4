import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { PropertiesController } from './properties.controller.js';
import { PropertiesService } from './properties.service.js';
import { Outlooks } from '../timer-records/outlooks.js';
import { Property } from '../schema/property.entity.js';

@Module({
  imports: [TypeOrmModule.forFeature([Property])],
  controllers: [PropertiesController],
  providers: [PropertiesService, Outlooks],
  exports: [PropertiesService],
})
export class PropertiesModule {}
