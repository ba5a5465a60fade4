import { Module } from '@nestjs/common';
import { PropertyFilesController } from './property-files.controller.js';
import { PropertyFilesService } from './property-files.service.js';

@Module({ controllers: [PropertyFilesController], providers: [PropertyFilesService] })
export class PropertyFilesModule {}
