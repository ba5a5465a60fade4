import { Module, type DynamicModule } from '@nestjs/common';
import { getDataSourceToken } from '@nestjs/typeorm';
import type { DataSource } from 'typeorm';
import { StandInController } from './stand-in.controller.js';
import { StandInService } from './stand-in.service.js';

@Module({})
export class StandInModule {
  static with(benchUrl: string | null): DynamicModule {
    return {
      module: StandInModule,
      controllers: [StandInController],
      providers: [
        {
          provide: StandInService,
          inject: [getDataSourceToken()],
          useFactory: (source: DataSource) => new StandInService(source, benchUrl),
        },
      ],
    };
  }
}
