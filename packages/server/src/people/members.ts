import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { type DataSource, type EntityManager, IsNull, Not } from 'typeorm';
import { badInput, notFound, ProblemException } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { Account } from '../schema/account.entity.js';
import { Firm } from '../schema/firm.entity.js';
import { AccountLink, Person, Session, type LinkKind } from '../schema/person.entity.js';
import { forgetSecondFactor, newLink, type NewLink } from './account-links.js';
import type { InviteFields, PersonAnswer, PersonChange } from './person.dto.js';
import type { SignedIn } from './signed-in.js';

export interface Invited {
  readonly person: Person;
  readonly link: NewLink;
}

/** Who works for a firm: invited, changed, disabled, removed by its owner. */
@Injectable()
export class Members {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  async list(firmId: string): Promise<PersonAnswer[]> {
    const rows = await this.source.manager.find(Person, {
      where: { firmId, removedAt: IsNull() },
      relations: { account: true },
      order: { name: 'ASC', id: 'ASC' },
    });
    return rows.map(personAnswer);
  }

  /** Invites somebody; whether they have an account already is nobody's business here. */
  invite(firmId: string, fields: InviteFields): Promise<Invited> {
    return transact(this.source, (manager) => invite(manager, firmId, fields));
  }

  /** Changes a role, or whether somebody may sign in. One owner who can is always left. */
  change(firmId: string, id: string, { role, isDisabled }: PersonChange): Promise<PersonAnswer> {
    return transact(this.source, async (manager) => {
      await heldFirm(manager, firmId);
      const person = await memberOf(manager, firmId, id);
      if (role !== undefined) await manager.update(Person, { id, firmId }, { role });
      if (isDisabled !== undefined && isDisabled !== (person.disabledAt !== null))
        await manager.update(
          Person,
          { id, firmId },
          { disabledAt: isDisabled ? () => 'now()' : null },
        );
      if (isDisabled) await endAll(manager, person);
      await refuseWithoutOwner(manager, firmId);
      return personAnswer(await memberOf(manager, firmId, id));
    });
  }

  /** Removes somebody: the name stays on what they did, the account goes where no other firm has it. */
  remove(firmId: string, id: string): Promise<void> {
    return transact(this.source, async (manager) => {
      await heldFirm(manager, firmId);
      const person = await memberOf(manager, firmId, id);
      const { accountId } = person;
      await endAll(manager, person);
      if (person.joinedAt === null) await manager.delete(Person, { id, firmId });
      else
        await manager.update(Person, { id, firmId }, { removedAt: () => 'now()', accountId: null });
      await refuseWithoutOwner(manager, firmId);
      if (!(await manager.existsBy(Person, { accountId: accountId! })))
        await manager.delete(Account, { id: accountId! });
    });
  }

  /** Takes out the authenticator of somebody who lost it and has no recovery code left; their sessions end. */
  forgetSecondFactor(by: SignedIn, id: string): Promise<Person> {
    const { firmId } = by;
    return transact(this.source, async (manager) => {
      const person = await memberOf(manager, firmId, id);
      const others = { accountId: person.accountId!, firmId: Not(firmId) };
      // One's own goes by one's own password.
      if (id === by.id || (await manager.existsBy(Person, others))) throw notForOwner();
      await forgetSecondFactor(manager, person.accountId!);
      await endAll(manager, person);
      return person;
    });
  }

  /** A link by which somebody joins, where they have not yet, or else chooses a new password. */
  link(firmId: string, id: string): Promise<Invited & { readonly kind: LinkKind }> {
    return transact(this.source, async (manager) => {
      const person = await memberOf(manager, firmId, id);
      const kind = person.joinedAt === null ? 'invite' : 'reset';
      const others = { accountId: person.accountId!, firmId: Not(firmId) };
      if (person.disabledAt || (kind === 'reset' && (await manager.existsBy(Person, others))))
        throw notForOwner();
      return { kind, person, link: await newLink(manager, person, kind) };
    });
  }
}

/** A person of a firm with the link by which they join, inside the transaction of `manager`. */
export async function invite(
  manager: EntityManager,
  firmId: string,
  { name, email, role }: InviteFields,
): Promise<Invited> {
  const address = email.trim().toLowerCase();
  await manager.query('INSERT INTO accounts (email) VALUES ($1) ON CONFLICT DO NOTHING', [address]);
  const account = await manager.findOneByOrFail(Account, { email: address });
  await heldFirm(manager, firmId);
  if (await manager.existsBy(Person, { firmId, accountId: account.id }))
    throw badInput([{ path: 'email', message: 'is of somebody who works here already' }]);
  const { id } = await manager.save(
    manager.create(Person, { firmId, name, role, accountId: account.id }),
  );
  const person = await memberOf(manager, firmId, id);
  return { person, link: await newLink(manager, person, 'invite') };
}

const notForOwner = (): ProblemException =>
  new ProblemException(
    403,
    'Not from here',
    'You cannot change how they sign in: they do that themselves, or come back first.',
  );

const lastOwner = (): ProblemException =>
  new ProblemException(
    409,
    'The last owner',
    'A firm needs an owner who can sign in. Make somebody else owner first.',
  );

/** The firm's people change one after the other. */
async function heldFirm(manager: EntityManager, firmId: string): Promise<void> {
  await manager.findOneOrFail(Firm, {
    select: { id: true },
    where: { id: firmId },
    lock: { mode: 'pessimistic_write' },
  });
}

async function memberOf(manager: EntityManager, firmId: string, id: string): Promise<Person> {
  const person = await manager.findOne(Person, {
    where: { firmId, id, removedAt: IsNull() },
    relations: { account: true, firm: true },
  });
  if (!person) throw notFound('person');
  return person;
}

async function refuseWithoutOwner(manager: EntityManager, firmId: string): Promise<void> {
  const isOwned = await manager.existsBy(Person, {
    ...{ firmId, role: 'owner', joinedAt: Not(IsNull()) },
    ...{ disabledAt: IsNull(), removedAt: IsNull() },
  });
  if (!isOwned) throw lastOwner();
}

async function endAll(manager: EntityManager, { id, firmId }: Person): Promise<void> {
  await manager.delete(Session, { firmId, personId: id });
  await manager.delete(AccountLink, { firmId, personId: id });
}

export const personAnswer = (person: Person): PersonAnswer => ({
  id: person.id,
  name: person.name,
  email: person.account?.email ?? '',
  role: person.role,
  clock: person.clock,
  state: person.disabledAt ? 'disabled' : person.joinedAt ? 'active' : 'invited',
  hasSecondFactor: Boolean(person.account?.totpSince),
});
