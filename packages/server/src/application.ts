import { existsSync } from 'node:fs';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import cookieParser from 'cookie-parser';
import helmet from 'helmet';
import { AppModule, type AppOptions } from './app.module.js';
import { COOKIE, PUBLIC_MARK } from './people/signed-in.js';
import { describeApi } from './platform/describe-api.js';
import { formerPaths } from './platform/former-paths.js';
import { jsonUpTo } from './platform/json-bounds.js';
import { ProblemFilter } from './platform/problem.filter.js';
import { validationPipe } from './platform/validation.pipe.js';
import { webFiles } from './platform/web-files.js';

/** The whole server, ready to listen: API under `/api`, its description at `/api/docs`. */
export async function createApplication(options: AppOptions): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(options), {
    logger: ['error', 'warn'],
    bodyParser: false,
  });
  const { webFolder } = options;
  const web = webFolder && existsSync(webFolder) ? webFiles(webFolder) : null;
  app.disable('x-powered-by');
  // What says who may load what stands on pages: on a script it would be dead weight.
  if (web) app.use('/assets', web.assets);
  app.use(formerPaths);
  app.use(helmet());
  app.use(compression());
  if (web) app.use(web.pages);
  app.use(cookieParser());
  // Who is not signed in has little to say; from others, the same limit as a plan file's.
  app.use(['/api/session', '/api/setup'], jsonUpTo('4kb'));
  app.use(jsonUpTo('5mb'));
  app.setGlobalPrefix('api');
  app.useGlobalPipes(validationPipe());
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  SwaggerModule.setup('api/docs', app, () =>
    describeApi(app, { cookie: COOKIE, publicMark: PUBLIC_MARK }),
  );
  return app;
}
