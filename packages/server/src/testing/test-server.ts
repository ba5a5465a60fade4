import { randomUUID } from 'node:crypto';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DataSource } from 'typeorm';
import { createApplication } from '../application.js';
import { dataSourceFor } from '../platform/data-source.js';

export interface TestServer {
  readonly app: NestExpressApplication;
  readonly source: DataSource;
  readonly close: () => Promise<void>;
}

/** A migrated, empty database of its own in the cluster that the tests run against. */
export async function newDatabase(): Promise<{ source: DataSource; url: string }> {
  const root = process.env['TEST_DATABASE_URL'];
  if (!root) throw new Error('TEST_DATABASE_URL is not set: run the tests through Jest.');
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const admin = await new DataSource({ type: 'postgres', url: root }).initialize();
  await admin.query(`CREATE DATABASE ${name}`);
  await admin.destroy();
  const url = Object.assign(new URL(root), { pathname: `/${name}` }).href;
  const source = await dataSourceFor(url).initialize();
  await source.runMigrations();
  return { source, url };
}

/** The real server on an empty database of its own. */
export async function startTestServer(): Promise<TestServer> {
  const { source, url } = await newDatabase();
  const app = await createApplication({ databaseUrl: url });
  await app.init();
  return {
    app,
    source,
    close: async () => {
      await app.close();
      await source.destroy();
    },
  };
}
