import { DataSource, type DataSourceOptions } from 'typeorm';
import { Account, RecoveryCode } from './account.entity.js';
import { Copy } from './copy.entity.js';
import { Firm } from './firm.entity.js';
import { TimerType } from './timer-type.entity.js';
import { FirstTables1780000000000 } from './migrations/1780000000000-first-tables.js';
import { PeopleYardsCopies1790000000000 } from './migrations/1790000000000-people-yards-copies.js';
import { Weather1800000000000 } from './migrations/1800000000000-weather.js';
import { Visits1810000000000 } from './migrations/1810000000000-visits.js';
import { CopiesConfirmed1830000000000 } from './migrations/1830000000000-copies-confirmed.js';
import { PlanFormat21820000000000 } from './migrations/1820000000000-plan-format-2.js';
import { Removals1840000000000 } from './migrations/1840000000000-removals.js';
import { SignInTries1850000000000 } from './migrations/1850000000000-sign-in-tries.js';
import { Outlooks1860000000000 } from './migrations/1860000000000-outlooks.js';
import { Accounts1870000000000 } from './migrations/1870000000000-accounts.js';
import { Changes1880000000000 } from './migrations/1880000000000-changes.js';
import { Keeping1890000000000 } from './migrations/1890000000000-keeping.js';
import { PlanFields1900000000000 } from './migrations/1900000000000-plan-fields.js';
import { HandlingFields1910000000000 } from './migrations/1910000000000-handling-fields.js';
import { WiringAndMowing1920000000000 } from './migrations/1920000000000-wiring-and-mowing.js';
import { StationsAreFound1930000000000 } from './migrations/1930000000000-stations-are-found.js';
import { HouseholdLanguage1940000000000 } from './migrations/1940000000000-household-language.js';
import { SetUp1950000000000 } from './migrations/1950000000000-set-up.js';
import { Round1960000000000 } from './migrations/1960000000000-round.js';
import { Rollouts1970000000000 } from './migrations/1970000000000-rollouts.js';
import { RolloutsToDo1980000000000 } from './migrations/1980000000000-rollouts-to-do.js';
import { PracticeRuns1990000000000 } from './migrations/1990000000000-practice-runs.js';
import { Photos2000000000000 } from './migrations/2000000000000-photos.js';
import { WetPlaces2010000000000 } from './migrations/2010000000000-wet-places.js';
import { Tellings2020000000000 } from './migrations/2020000000000-tellings.js';
import { Hardware2030000000000 } from './migrations/2030000000000-hardware.js';
import { Change } from './change.entity.js';
import { NamesWhoAsked } from './names-who-asked.js';
import { StoredStanding } from './standing.entity.js';
import { PlannedVisit } from './planned-visit.entity.js';
import { StoredDueAnswer } from './due-answer.entity.js';
import { Rollout, RolloutTimer } from './rollout.entity.js';
import { Photo, PhotoFile } from './photo.entity.js';
import { PracticeRun } from './practice-run.entity.js';
import { CalendarLink } from './calendar-link.entity.js';
import { AccountLink, KnownDevice, Person, Session, SignInTry } from './person.entity.js';
import { Property } from './property.entity.js';
import { Removal } from './removal.entity.js';
import { StoredRuleSet } from './rule-set.entity.js';
import { ShareLink, ShareLinkPhoto, StoredSheet } from './sheet.entity.js';
import { StoredTelling } from './telling.entity.js';
import { Timer, TimerSettings, TimerYard } from './timer.entity.js';
import { Job } from './job.entity.js';
import { StoredEntry, StoredVisit } from './visit.entity.js';
import { StoredWeather } from './weather.entity.js';

/** Nobody waits longer for a connection, and no request for the end of a statement. */
const CONNECT_MS = 5000;
const STATEMENT_MS = 30_000;

/** How to reach the database. The schema changes by migrations only. */
const databaseOptions = (url: string) => ({
  type: 'postgres' as const,
  url,
  connectTimeoutMS: CONNECT_MS,
  entities: [
    Firm,
    Account,
    RecoveryCode,
    Person,
    AccountLink,
    Session,
    KnownDevice,
    SignInTry,
    StoredRuleSet,
    StoredWeather,
    TimerType,
    Property,
    Timer,
    TimerSettings,
    TimerYard,
    Copy,
    StoredVisit,
    StoredEntry,
    Job,
    StoredSheet,
    ShareLink,
    Removal,
    StoredStanding,
    PlannedVisit,
    StoredDueAnswer,
    CalendarLink,
    Rollout,
    RolloutTimer,
    PracticeRun,
    Photo,
    PhotoFile,
    ShareLinkPhoto,
    StoredTelling,
    Change,
  ],
  subscribers: [NamesWhoAsked],
  migrations: [
    FirstTables1780000000000,
    PeopleYardsCopies1790000000000,
    Weather1800000000000,
    Visits1810000000000,
    PlanFormat21820000000000,
    CopiesConfirmed1830000000000,
    Removals1840000000000,
    SignInTries1850000000000,
    Outlooks1860000000000,
    Accounts1870000000000,
    Changes1880000000000,
    Keeping1890000000000,
    PlanFields1900000000000,
    HandlingFields1910000000000,
    WiringAndMowing1920000000000,
    StationsAreFound1930000000000,
    HouseholdLanguage1940000000000,
    SetUp1950000000000,
    Round1960000000000,
    Rollouts1970000000000,
    RolloutsToDo1980000000000,
    PracticeRuns1990000000000,
    Photos2000000000000,
    WetPlaces2010000000000,
    Tellings2020000000000,
    Hardware2030000000000,
  ],
  migrationsTransactionMode: 'each' as const,
  synchronize: false,
  // PostgreSQL makes UUIDs itself; no extension is wanted.
  uuidExtension: 'pgcrypto' as const,
  installExtensions: false,
  applicationName: 'water-clock',
});

/** For a server process: so many connections at most, and no statement without an end. */
export const serverDatabaseOptions = (url: string, poolSize: number): DataSourceOptions => ({
  ...databaseOptions(url),
  poolSize,
  extra: {
    statement_timeout: STATEMENT_MS,
    idle_in_transaction_session_timeout: STATEMENT_MS,
    keepAlive: true,
  },
});

/** For programs that may take their time. */
export const dataSourceFor = (url: string): DataSource => new DataSource(databaseOptions(url));
