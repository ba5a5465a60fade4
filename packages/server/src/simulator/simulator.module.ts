import { Module, type DynamicModule } from '@nestjs/common';
import { getDataSourceToken } from '@nestjs/typeorm';
import type { DataSource } from 'typeorm';
import { SimulatedTimersController, SimulatorController } from './simulator.controller.js';
import { SimulatorService } from './simulator.service.js';

@Module({})
export class SimulatorModule {
  static with(simulatorUrl: string | null): DynamicModule {
    return {
      module: SimulatorModule,
      controllers: [SimulatedTimersController, SimulatorController],
      providers: [
        {
          provide: SimulatorService,
          inject: [getDataSourceToken()],
          useFactory: (source: DataSource) => new SimulatorService(source, simulatorUrl),
        },
      ],
      exports: [SimulatorService],
    };
  }
}
