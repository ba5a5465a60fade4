import { Module } from '@nestjs/common';
import { ErasureController } from './erasure.controller.js';
import { ErasureService } from './erasure.service.js';

@Module({ controllers: [ErasureController], providers: [ErasureService] })
export class ErasureModule {}
