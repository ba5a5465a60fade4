import { Module, type DynamicModule } from '@nestjs/common';
import { SheetPrinter } from './sheet-pdf.js';
import { SheetsController } from './sheets.controller.js';
import { SheetsService } from './sheets.service.js';

@Module({})
export class SheetsModule {
  static with(fontFolder: string): DynamicModule {
    return {
      module: SheetsModule,
      controllers: [SheetsController],
      providers: [SheetsService, { provide: SheetPrinter, useValue: new SheetPrinter(fontFolder) }],
    };
  }
}
