import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { PropertiesController } from './properties.controller.js';
import { PropertiesService } from './properties.service.js';
import { Standings } from '../timer-records/standings.js';
import { Property } from '../schema/property.entity.js';

@Module({
  imports: [TypeOrmModule.forFeature([Property])],
  controllers: [PropertiesController],
  providers: [PropertiesService, Standings],
  exports: [PropertiesService],
})
export class PropertiesModule {}
