import { Module } from '@nestjs/common';
import { KindsController } from './kinds.controller.js';
import { KindsService } from './kinds.service.js';

@Module({ controllers: [KindsController], providers: [KindsService] })
export class KindsModule {}
