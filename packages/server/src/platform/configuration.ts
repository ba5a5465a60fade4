const LOG_LEVELS = ['silent', 'error', 'warn', 'info', 'debug'] as const;
export type LogLevel = (typeof LOG_LEVELS)[number];

/** What a server process is told from outside; docs/running.md says what each is for. */
export interface Configuration {
  readonly databaseUrl: string;
  /** The address that it listens on. */
  readonly address: string;
  readonly port: number;
  /** Where numbers for a monitor are served, on a port of their own; null: nowhere. */
  readonly metricsPort: number | null;
  /** Whose word is taken for where a request comes from: addresses, ranges, or `loopback`. */
  readonly trustedProxies: readonly string[];
  /** The most connections to the database. */
  readonly poolSize: number;
  readonly logLevel: LogLevel;
  /** Cookies over TLS only, whatever the request came over. */
  readonly isSecure: boolean;
  /** Where the simulated timers are; null: there are none. */
  readonly simulatorUrl: string | null;
  /** What the first owner must know; null: nobody sets anything up here. */
  readonly setupCode: string | null;
  /** Where mail is written as files; null: nowhere. */
  readonly mailFolder: string | null;
  /** Where people reach the application, without a slash at its end. */
  readonly publicUrl: string;
}

/** What keeps a program from beginning, in sentences; starting it again does not help. */
export class CannotBegin extends Error {}

/** Reads the environment; throws all that is missing or wrong at once. */
export function readConfiguration(environment: NodeJS.ProcessEnv): Configuration {
  const wrong: string[] = [];
  const text = (name: string): string | null => environment[name]?.trim() || null;
  const number = (name: string, usual: number, least: number, most: number): number => {
    const given = text(name);
    const value = given === null ? usual : Number(given);
    if (!Number.isInteger(value) || value < least || value > most)
      wrong.push(`${name} must be a whole number, ${least} to ${most}, not "${given}".`);
    return value;
  };
  const databaseUrl = text('DATABASE_URL') ?? '';
  if (!/^postgres(ql)?:\/\/./.test(databaseUrl))
    wrong.push(
      'DATABASE_URL must point at a PostgreSQL database, as postgres://user@host/database does; bin/start sets it for you.',
    );
  const port = number('PORT', 4780, 1, 65_535);
  const hasMetrics = text('METRICS_PORT') !== null;
  const metricsPort = hasMetrics ? number('METRICS_PORT', 0, 1, 65_535) : null;
  const asked = text('LOG_LEVEL') ?? 'warn';
  const logLevel = LOG_LEVELS.find((level) => level === asked);
  if (!logLevel) wrong.push(`LOG_LEVEL must be one of ${LOG_LEVELS.join(', ')}, not "${asked}".`);
  const secure = text('SECURE_COOKIES') ?? 'no';
  if (secure !== 'yes' && secure !== 'no')
    wrong.push(`SECURE_COOKIES must be yes or no, not "${secure}".`);
  const poolSize = number('DATABASE_POOL', 10, 2, 200);
  if (wrong.length > 0 || !logLevel) throw new CannotBegin(wrong.join('\n'));
  return {
    databaseUrl,
    address: text('ADDRESS') ?? '127.0.0.1',
    port,
    metricsPort,
    trustedProxies: (text('TRUSTED_PROXIES') ?? '').split(/[\s,]+/).filter(Boolean),
    poolSize,
    logLevel,
    isSecure: secure === 'yes',
    simulatorUrl: text('SIMULATOR_URL'),
    setupCode: text('SETUP_CODE'),
    mailFolder: text('MAIL_FOLDER'),
    publicUrl: (text('PUBLIC_URL') ?? `http://127.0.0.1:${port}`).replace(/\/+$/, ''),
  };
}
