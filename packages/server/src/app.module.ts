import { type DynamicModule, Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ChangesModule } from './changes/changes.module.js';
import { ComputingModule } from './computing/computing.module.js';
import { CopiesModule } from './copies/copies.module.js';
import { ErasureModule } from './erasure/erasure.module.js';
import { FirmArchiveModule } from './firm-archive/firm-archive.module.js';
import { RetentionModule } from './retention/retention.module.js';
import { RoundModule } from './round/round.module.js';
import { QueuesModule } from './queues/queues.module.js';
import { RolloutsModule } from './rollouts/rollouts.module.js';
import { ScheduleModule } from './schedule/schedule.module.js';
import { TimerTypesModule } from './timer-types/timer-types.module.js';
import { PeopleModule, type PeopleOptions } from './people/people.module.js';
import { serverDatabaseOptions } from './schema/data-source.js';
import { HealthModule } from './health/health.module.js';
import { PlanningModule } from './planning/planning.module.js';
import { PropertiesModule } from './properties/properties.module.js';
import { PropertyFilesModule } from './property-files/property-files.module.js';
import { RulesModule } from './rules/rules.module.js';
import { SearchModule } from './search/search.module.js';
import { HistoryModule } from './history/history.module.js';
import { TellingsModule } from './tellings/tellings.module.js';
import { SheetsModule } from './sheets/sheets.module.js';
import { PhotosModule } from './photos/photos.module.js';
import { PracticeModule } from './practice/practice.module.js';
import { TimersModule } from './timers/timers.module.js';
import { VisitsModule } from './visits/visits.module.js';
import { WeatherModule } from './weather/weather.module.js';

export interface AppOptions extends PeopleOptions {
  readonly databaseUrl: string;
  /** The most connections to it; absent: ten. */
  readonly poolSize?: number;
  /** The built file that threads run. */
  readonly computeWorker: string;
  /** The folder of the fonts that sheets are printed in. */
  readonly fontFolder: string;
  /** Where the simulated timers are; without it there are none. */
  readonly simulatorUrl?: string | null;
  /** Takes its part in what is done while nobody waits; absent: not. */
  readonly takesQueues?: boolean;
  /** Folder of the built web application; without it the API is served alone. */
  readonly webFolder?: string;
}

const USUAL_POOL = 10;

@Module({})
export class AppModule {
  static with({
    databaseUrl,
    poolSize = USUAL_POOL,
    computeWorker,
    fontFolder,
    simulatorUrl = null,
    takesQueues = false,
    ...people
  }: AppOptions): DynamicModule {
    const sheets = SheetsModule.with(fontFolder);
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot({
          ...serverDatabaseOptions(databaseUrl, poolSize),
          retryAttempts: 3,
        }),
        HealthModule,
        ChangesModule,
        ComputingModule.with(computeWorker),
        QueuesModule.with(takesQueues ? databaseUrl : null),
        PeopleModule.with(people),
        PropertiesModule,
        TimerTypesModule,
        RulesModule,
        WeatherModule,
        TimersModule,
        CopiesModule,
        PropertyFilesModule,
        PhotosModule,
        VisitsModule,
        SearchModule,
        sheets,
        TellingsModule.with(sheets),
        RoundModule,
        HistoryModule,
        PracticeModule.with(simulatorUrl),
        PlanningModule,
        ErasureModule,
        RetentionModule,
        FirmArchiveModule,
        RolloutsModule,
        ScheduleModule,
      ],
    };
  }
}
