import { Module, type DynamicModule } from '@nestjs/common';
import { SheetsController } from './sheets.controller.js';
import { FONT_FOLDER, SheetsService } from './sheets.service.js';

@Module({})
export class SheetsModule {
  static with(fontFolder: string): DynamicModule {
    return {
      module: SheetsModule,
      controllers: [SheetsController],
      providers: [SheetsService, { provide: FONT_FOLDER, useValue: fontFolder }],
    };
  }
}
