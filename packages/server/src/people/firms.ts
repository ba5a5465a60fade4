import type { DataSource } from 'typeorm';
import { CannotBegin } from '../platform/configuration.js';
import { transact } from '../platform/transact.js';
import { Firm } from '../schema/firm.entity.js';
import { invite } from './members.js';

interface ListedFirm {
  readonly id: string;
  readonly name: string;
  readonly people: string;
  readonly properties: string;
}

/** The firms of an installation, and how much is theirs. */
export const listFirms = (source: DataSource): Promise<ListedFirm[]> =>
  source.query(
    `SELECT f.id, f.name,
       (SELECT count(*) FROM people p WHERE p.firm_id = f.id AND p.removed_at IS NULL) AS people,
       (SELECT count(*) FROM properties h WHERE h.firm_id = f.id) AS properties
     FROM firms f ORDER BY lower(f.name), f.id`,
  );

interface NewFirm {
  readonly name: string;
  readonly owner: string;
  readonly email: string;
}

/** Adds a firm with its first owner; gives the token of the link by which they join. Never beside the demo. */
export const addFirm = (source: DataSource, { name, owner, email }: NewFirm): Promise<string> =>
  transact(source, async (manager) => {
    if (await manager.existsBy(Firm, { isDemo: true }))
      throw new CannotBegin(
        'The demo is in this database, where anybody signs in: add firms to one without it.',
      );
    const { id } = await manager.save(manager.create(Firm, { name }));
    const { link } = await invite(manager, id, { name: owner, email, role: 'owner' });
    return link.token;
  });
