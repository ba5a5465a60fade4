import { type DynamicModule, Module } from '@nestjs/common';
import { PlanningController } from './planning.controller.js';
import { PLAN_WORKER, PlanningService } from './planning.service.js';

@Module({})
export class PlanningModule {
  /** @param workerFile the built file of the pool's threads */
  static with(workerFile: string): DynamicModule {
    return {
      module: PlanningModule,
      controllers: [PlanningController],
      providers: [PlanningService, { provide: PLAN_WORKER, useValue: workerFile }],
    };
  }
}
