import { Module, type DynamicModule } from '@nestjs/common';
import { PhotosModule } from '../photos/photos.module.js';
import { SheetsController } from './sheets.controller.js';
import { FONT_FOLDER, SheetsService } from './sheets.service.js';

@Module({})
export class SheetsModule {
  static with(fontFolder: string): DynamicModule {
    return {
      module: SheetsModule,
      imports: [PhotosModule],
      controllers: [SheetsController],
      providers: [SheetsService, { provide: FONT_FOLDER, useValue: fontFolder }],
      exports: [SheetsService],
    };
  }
}
