import { Global, Module, type DynamicModule } from '@nestjs/common';
import { COMPUTE_WORKER, ComputingService } from './computing.service.js';

/** One pool of threads for all rooms of the server. */
@Global()
@Module({})
export class ComputingModule {
  /** @param workerFile the built file of the pool's threads */
  static with(workerFile: string): DynamicModule {
    return {
      module: ComputingModule,
      providers: [ComputingService, { provide: COMPUTE_WORKER, useValue: workerFile }],
      exports: [ComputingService],
    };
  }
}
