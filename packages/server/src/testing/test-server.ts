import { randomUUID } from 'node:crypto';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { DataSource } from 'typeorm';
import { createApplication } from '../application.js';
import { Account } from '../schema/account.entity.js';
import { Firm } from '../schema/firm.entity.js';
import { Person, type Role } from '../schema/person.entity.js';
import { SessionsService } from '../people/sessions.service.js';
import { COOKIE } from '../people/signed-in.js';
import { dataSourceFor } from '../schema/data-source.js';

/** Somebody of a firm, signed in, with what they may ask the server. */
export interface TestPerson {
  readonly id: string;
  readonly firmId: string;
  readonly name: string;
  readonly agent: ReturnType<typeof request.agent>;
}

export interface TestServer {
  readonly app: NestExpressApplication;
  readonly source: DataSource;
  /** Where mail is written. */
  readonly mailFolder: string;
  /** Signs in a new person; of a new firm unless one is given. */
  readonly signIn: (role?: Role, firmId?: string) => Promise<TestPerson>;
  readonly close: () => Promise<void>;
}

/** By which a test sets up the first firm. */
export const SETUP_CODE = 'made-up-code';

/** A migrated, empty database of its own in the cluster that the tests run against, from its template. */
export async function newDatabase(): Promise<{ source: DataSource; url: string }> {
  const root = process.env['TEST_DATABASE_URL'];
  if (!root) throw new Error('TEST_DATABASE_URL is not set: run the tests through Jest.');
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const admin = await new DataSource({ type: 'postgres', url: root }).initialize();
  await admin.query(`CREATE DATABASE ${name} TEMPLATE template_empty`);
  await admin.destroy();
  const url = Object.assign(new URL(root), { pathname: `/${name}` }).href;
  const source = await dataSourceFor(url).initialize();
  // The template comes from the built server; migrations that were written since are made up for.
  await source.runMigrations();
  return { source, url };
}

/** The real server on an empty database of its own. */
export async function startTestServer(simulatorUrl: string | null = null): Promise<TestServer> {
  const { source, url } = await newDatabase();
  // Threads load built files only.
  const computeWorker = join(__dirname, '../../dist/compute.worker.js');
  const fontFolder = join(
    dirname(require.resolve('@fontsource/atkinson-hyperlegible-next/package.json')),
    'files',
  );
  const mailFolder = await mkdtemp(join(tmpdir(), 'water-clock-mail-'));
  const app = await createApplication({
    ...{ databaseUrl: url, computeWorker, fontFolder, simulatorUrl, mailFolder },
    setupCode: SETUP_CODE,
    publicUrl: 'http://water-clock.test',
  });
  await app.init();
  return {
    app,
    source,
    mailFolder,
    signIn: async (role = 'technician', firmId) => {
      const { manager } = source;
      const firm = firmId ?? (await manager.save(manager.create(Firm, { name: 'A firm' }))).id;
      const name = `Somebody ${randomUUID().slice(0, 8)}`;
      const account = await manager.save(
        manager.create(Account, { email: `${randomUUID()}@example.test` }),
      );
      const person = await manager.save(
        manager.create(Person, {
          ...{ firmId: firm, name, role, accountId: account.id },
          joinedAt: new Date(),
        }),
      );
      const token = await app.get(SessionsService).open(person);
      const agent = request.agent(app.getHttpServer()).set('Cookie', `${COOKIE}=${token}`);
      return { id: person.id, firmId: firm, name, agent };
    },
    close: async () => {
      await app.close();
      await source.destroy();
      await rm(mailFolder, { recursive: true, force: true });
    },
  };
}

/** Somebody whom an owner invites, and who has joined with a password; gives the session that they are in then. */
export async function joined(
  server: TestServer,
  owner: TestPerson,
  fields: { readonly name: string; readonly email: string; readonly role: Role },
  password: string,
): Promise<ReturnType<typeof request.agent>> {
  const { body } = await owner.agent.post('/api/people').send(fields).expect(201);
  const agent = request.agent(server.app.getHttpServer());
  await agent.post(`/api/session/links/${body.token}`).send({ password }).expect(200);
  return agent;
}
