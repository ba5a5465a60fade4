import { existsSync } from 'node:fs';
import { type DynamicModule, Module } from '@nestjs/common';
import { ServeStaticModule } from '@nestjs/serve-static';
import { TypeOrmModule } from '@nestjs/typeorm';
import { FirmsModule } from './firms/firms.module.js';
import { databaseOptions } from './platform/data-source.js';
import { PropertiesModule } from './properties/properties.module.js';
import { TimersModule } from './timers/timers.module.js';

export interface AppOptions {
  readonly databaseUrl: string;
  /** Folder of the built web application; without it the API is served alone. */
  readonly webFolder?: string;
}

@Module({})
export class AppModule {
  static with({ databaseUrl, webFolder }: AppOptions): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot({ ...databaseOptions(databaseUrl), retryAttempts: 3 }),
        FirmsModule,
        PropertiesModule,
        TimersModule,
        ...(webFolder && existsSync(webFolder)
          ? [ServeStaticModule.forRoot({ rootPath: webFolder, exclude: ['/api/{*rest}'] })]
          : []),
      ],
    };
  }
}
