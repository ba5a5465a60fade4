import { Module, type DynamicModule } from '@nestjs/common';
import { Standings } from '../timer-records/standings.js';
import { ROUNDS_DATABASE, RoundsService } from './rounds.service.js';

@Module({})
export class RoundsModule {
  /** @param databaseUrl null: this process has no part in them */
  static with(databaseUrl: string | null): DynamicModule {
    return {
      module: RoundsModule,
      providers: [RoundsService, Standings, { provide: ROUNDS_DATABASE, useValue: databaseUrl }],
      exports: [RoundsService],
    };
  }
}
