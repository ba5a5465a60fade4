/** What a server process is told from outside. */
export interface Configuration {
  readonly databaseUrl: string;
  readonly port: number;
  /** Where the simulated timers are; null: there are none. */
  readonly simulatorUrl: string | null;
  /** What the first owner must know; null: nobody sets anything up here. */
  readonly setupCode: string | null;
  /** Where mail is written as files; null: nowhere. */
  readonly mailFolder: string | null;
  /** Where people reach the application, without a slash at its end. */
  readonly publicUrl: string;
}

/** Reads the environment; throws one clear sentence where something is missing. */
export function readConfiguration(environment: NodeJS.ProcessEnv): Configuration {
  const databaseUrl = environment['DATABASE_URL'];
  if (!databaseUrl)
    throw new Error('DATABASE_URL must point at a PostgreSQL database; bin/start sets it for you.');
  const port = Number(environment['PORT'] ?? 4780);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new Error(`PORT must be a port number, not "${environment['PORT']}".`);
  return {
    databaseUrl,
    port,
    simulatorUrl: environment['SIMULATOR_URL'] || null,
    setupCode: environment['SETUP_CODE'] || null,
    mailFolder: environment['MAIL_FOLDER'] || null,
    publicUrl: (environment['PUBLIC_URL'] || `http://127.0.0.1:${port}`).replace(/\/+$/, ''),
  };
}
