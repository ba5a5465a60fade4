import { Global, Module, type DynamicModule } from '@nestjs/common';
import { QUEUES_DATABASE, QueuesService } from './queues.service.js';

@Global()
@Module({})
export class QueuesModule {
  /** @param databaseUrl null: this process has no part in what is done while nobody waits */
  static with(databaseUrl: string | null): DynamicModule {
    return {
      module: QueuesModule,
      providers: [QueuesService, { provide: QUEUES_DATABASE, useValue: databaseUrl }],
      exports: [QueuesService],
    };
  }
}
