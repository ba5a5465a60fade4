import { Module, type DynamicModule } from '@nestjs/common';
import { TellingsController } from './tellings.controller.js';
import { TellingsService } from './tellings.service.js';

@Module({})
export class TellingsModule {
  static with(sheets: DynamicModule): DynamicModule {
    return {
      module: TellingsModule,
      imports: [sheets],
      controllers: [TellingsController],
      providers: [TellingsService],
    };
  }
}
