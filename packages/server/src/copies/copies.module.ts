import { Module } from '@nestjs/common';
import { CopiesController } from './copies.controller.js';
import { CopiesService } from './copies.service.js';

@Module({ controllers: [CopiesController], providers: [CopiesService] })
export class CopiesModule {}
