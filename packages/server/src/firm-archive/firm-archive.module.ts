import { Module } from '@nestjs/common';
import { FirmArchiveController } from './firm-archive.controller.js';
import { FirmArchiveService } from './firm-archive.service.js';

@Module({ controllers: [FirmArchiveController], providers: [FirmArchiveService] })
export class FirmArchiveModule {}
