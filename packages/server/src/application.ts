import { existsSync } from 'node:fs';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import cookieParser from 'cookie-parser';
import type { RequestHandler } from 'express';
import { AppModule, type AppOptions } from './app.module.js';
import { PeopleService } from './people/people.service.js';
import { SessionsService } from './people/sessions.service.js';
import { COOKIE, PUBLIC_MARK, SECURE_COOKIES, tokenOf } from './people/signed-in.js';
import type { LogLevel } from './platform/configuration.js';
import { aroundRequest } from './platform/asked-by.js';
import { describeApi } from './platform/describe-api.js';
import { formerPaths } from './platform/former-paths.js';
import { apiCaching, ownOriginOnly, pageHeaders } from './platform/headers.js';
import { jsonUpTo } from './platform/json-bounds.js';
import { largeBodiesInTurn } from './platform/large-bodies.js';
import { FrameworkLogger, loggerAt, requestLog } from './platform/logging.js';
import type { Metrics } from './platform/metrics.js';
import { notSignedIn } from './platform/problem.js';
import { ProblemFilter } from './platform/problem.filter.js';
import { validationPipe } from './platform/validation.pipe.js';
import { webFiles } from './platform/web-files.js';

/** A sheet of as many stations as a timer may have fits into 128 KB. */
const SHEETS = /^\/api\/timers\/[^/]+\/sheets\/?$/;

/** How a process serves; absent: as tests want it. */
interface HowToServe {
  readonly logLevel?: LogLevel;
  /** Whose word is taken for where a request comes from. */
  readonly trustedProxies?: readonly string[];
  /** Cookies over TLS only, whatever the request came over. */
  readonly isSecure?: boolean;
  readonly metrics?: Metrics;
}

/** The whole server, ready to listen: API under `/api`, its description at `/api/docs`. */
export async function createApplication(
  { webFolder, ...options }: AppOptions,
  { logLevel = 'error', trustedProxies = [], isSecure = false, metrics }: HowToServe = {},
): Promise<NestExpressApplication> {
  const logger = loggerAt(logLevel);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(options), {
    logger: new FrameworkLogger(logger),
    bodyParser: false,
    // What went wrong is said by whoever asked for the application.
    abortOnError: false,
  });
  const web = webFolder && existsSync(webFolder) ? webFiles(webFolder) : null;
  app.disable('x-powered-by');
  app.set('trust proxy', trustedProxies);
  app.set(SECURE_COOKIES, isSecure);
  app.use(requestLog(logger), aroundRequest);
  if (metrics) app.use(metrics.measure);
  // What says who may load what stands on pages: on a script it would be dead weight.
  if (web) app.use('/assets', web.assets);
  app.use(formerPaths);
  app.use(pageHeaders, apiCaching, ownOriginOnly);
  app.use(compression());
  if (web) app.use(web.pages);
  app.use(cookieParser());
  app.use(largeBodiesInTurn());
  // Who is not signed in has little to say; what may be long is read in threads.
  app.use(['/api/session', '/api/setup'], jsonUpTo('4kb'));
  app.use(['/api/property-files', '/api/weather'], jsonUpTo('5mb'));
  app.use('/api/shared', jsonUpTo('16kb'));
  app.use(SHEETS, jsonUpTo('128kb'));
  app.use(jsonUpTo('1mb'));
  app.setGlobalPrefix('api');
  app.useGlobalPipes(validationPipe());
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  app.use(/^\/api\/docs(-json|-yaml)?/, forSignedIn(app));
  SwaggerModule.setup('api/docs', app, () =>
    describeApi(app, { cookie: COOKIE, publicMark: PUBLIC_MARK }),
  );
  return app;
}

/** Of a real firm's installation strangers need not know what it answers. */
function forSignedIn(app: NestExpressApplication): RequestHandler {
  return async (request, _response, next) => {
    const token = tokenOf(request);
    const isOpen =
      (token !== undefined && (await app.get(SessionsService).personOf(token)) !== null) ||
      (await app.get(PeopleService).isDemo());
    if (!isOpen) throw notSignedIn();
    next();
  };
}
