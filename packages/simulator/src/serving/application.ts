import { Module } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { AllDevicesController, DevicesController } from './devices.controller.js';
import { Devices } from './devices.js';
import { PracticeController } from './practice.controller.js';

@Module({})
class BenchModule {}

/** The simulator, ready to listen. `trueTime` gives milliseconds that never go back. */
export async function createSimulator(trueTime: () => number): Promise<NestExpressApplication> {
  const module = {
    module: BenchModule,
    controllers: [AllDevicesController, DevicesController, PracticeController],
    providers: [{ provide: Devices, useFactory: () => new Devices(trueTime) }],
  };
  const app = await NestFactory.create<NestExpressApplication>(module, {
    logger: ['error', 'warn'],
    bodyParser: false,
  });
  app.useBodyParser('json', { limit: '5mb' });
  app.enableShutdownHooks();
  return app;
}
