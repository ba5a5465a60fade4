import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import cookieParser from 'cookie-parser';
import helmet from 'helmet';
import { AppModule, type AppOptions } from './app.module.js';
import { ProblemFilter } from './platform/problem.filter.js';
import { validationPipe } from './platform/validation.pipe.js';

/** The whole server, ready to listen: API under `/api`, its description at `/api/docs`. */
export async function createApplication(options: AppOptions): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(options), {
    logger: ['error', 'warn'],
    bodyParser: false,
  });
  app.use(helmet());
  app.use(cookieParser());
  // The same limit as a plan file's.
  app.useBodyParser('json', { limit: '5mb' });
  app.setGlobalPrefix('api');
  app.useGlobalPipes(validationPipe());
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  SwaggerModule.setup('api/docs', app, () =>
    SwaggerModule.createDocument(
      app,
      new DocumentBuilder()
        .setTitle('Water Clock')
        .setDescription('Properties, timers, yards, local rules, weather and saved copies.')
        .setVersion('1')
        .build(),
    ),
  );
  return app;
}
