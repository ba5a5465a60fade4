import { Module, type DynamicModule } from '@nestjs/common';
import { Outlooks } from '../timer-records/outlooks.js';
import { ROUNDS_DATABASE, RoundsService } from './rounds.service.js';

@Module({})
export class RoundsModule {
  /** @param databaseUrl null: this process has no part in them */
  static with(databaseUrl: string | null): DynamicModule {
    return {
      module: RoundsModule,
      providers: [RoundsService, Outlooks, { provide: ROUNDS_DATABASE, useValue: databaseUrl }],
      exports: [RoundsService],
    };
  }
}
