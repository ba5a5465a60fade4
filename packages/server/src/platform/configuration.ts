/** What a server process is told from outside. */
export interface Configuration {
  readonly databaseUrl: string;
  readonly port: number;
  /** Where the simulated timers are; null: there are none. */
  readonly simulatorUrl: string | null;
}

/** Reads the environment; throws one clear sentence where something is missing. */
export function readConfiguration(environment: NodeJS.ProcessEnv): Configuration {
  const databaseUrl = environment['DATABASE_URL'];
  if (!databaseUrl)
    throw new Error('DATABASE_URL must point at a PostgreSQL database; bin/start sets it for you.');
  const port = Number(environment['PORT'] ?? 4780);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new Error(`PORT must be a port number, not "${environment['PORT']}".`);
  return { databaseUrl, port, simulatorUrl: environment['SIMULATOR_URL'] || null };
}
