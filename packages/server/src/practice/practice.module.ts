import { Module } from '@nestjs/common';
import { SimulatorModule } from '../simulator/simulator.module.js';
import { PracticeController } from './practice.controller.js';
import { PracticeRunsService } from './practice-runs.service.js';

@Module({})
export class PracticeModule {
  static with(simulatorUrl: string | null) {
    return {
      module: PracticeModule,
      imports: [SimulatorModule.with(simulatorUrl)],
      controllers: [PracticeController],
      providers: [PracticeRunsService],
    };
  }
}
