import PgBoss from 'pg-boss';

/** The schema in which the queue keeps its tables, apart from ours. */
const SCHEMA = 'rounds';
/** Connections of the queue alone, besides those that answer people. */
const CONNECTIONS = 2;

/** What is done by the hour and by night, of each its part for one firm, and a change that is tried on many homes. */
export const QUEUES = ['every-hour', 'every-night', 'standings', 'let-go', 'rollout'] as const;
export type Queue = (typeof QUEUES)[number];

/** When it begins, as cron says it, in UTC. */
export const SCHEDULE = { 'every-hour': '5 * * * *', 'every-night': '20 2 * * *' } as const;

export const queueAt = (databaseUrl: string): PgBoss =>
  new PgBoss({
    connectionString: databaseUrl,
    schema: SCHEMA,
    max: CONNECTIONS,
    application_name: 'water-clock-queues',
    migrate: false,
  });

/** Makes the tables of the queue, or brings them up to date, and says what it is for. */
export async function prepareQueues(databaseUrl: string): Promise<void> {
  const boss = new PgBoss({
    ...{ connectionString: databaseUrl, schema: SCHEMA, max: CONNECTIONS },
    ...{ supervise: false, schedule: false },
  });
  await boss.start();
  try {
    for (const name of QUEUES)
      await boss.createQueue(name, {
        name,
        // Of each firm one waits at most: a round that was missed is not made up for.
        ...{ policy: 'short', retryLimit: 3, retryBackoff: true, expireInMinutes: 30 },
      });
  } finally {
    await boss.stop({ graceful: false, wait: true });
  }
}
