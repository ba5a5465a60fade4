import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  Generated,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { Account } from './account.entity.js';
import { Firm } from './firm.entity.js';

export const ROLES = ['owner', 'technician', 'office'] as const;
/** What a person may do: all (`owner`), all but the firm's people, or no change of settings. */
export type Role = (typeof ROLES)[number];

export const CLOCKS = ['24', '12'] as const;
export type Clock = (typeof CLOCKS)[number];

/** Somebody who works for a firm, or did: of whoever was removed the name stays. */
@Entity('people')
@Check('people_removed', 'removed_at IS NOT NULL OR account_id IS NOT NULL')
@Check('people_name', `name <> ''`)
@Check('people_role', `role IN ('owner', 'technician', 'office')`)
@Check('people_clock', `clock IN ('24', '12')`)
@Unique('people_by_account', ['accountId', 'firmId'])
@Unique('people_of_firm', ['id', 'firmId'])
export class Person {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'people_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Firm, { nullable: false })
  @JoinColumn({ name: 'firm_id', foreignKeyConstraintName: 'people_firm' })
  firm!: Relation<Firm>;

  /** By what they sign in; null for whoever was removed. */
  @Column('uuid', { name: 'account_id', nullable: true })
  accountId!: string | null;

  @ManyToOne(() => Account, { nullable: true })
  @JoinColumn({ name: 'account_id', foreignKeyConstraintName: 'people_account' })
  account!: Relation<Account> | null;

  @Column('text')
  name!: string;

  @Column('text')
  role!: Role;

  /** How the person reads the time of day. */
  @Column('text', { default: '24' })
  clock!: Clock;

  /** Null while they are only invited. */
  @Column('timestamptz', { name: 'joined_at', nullable: true })
  joinedAt!: Date | null;

  /** Null while they may sign in. */
  @Column('timestamptz', { name: 'disabled_at', nullable: true })
  disabledAt!: Date | null;

  @Column('timestamptz', { name: 'removed_at', nullable: true })
  removedAt!: Date | null;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** A person who is signed in on one device. Of the token only its hash is kept. */
@Entity('sessions')
@Index('sessions_by_person', ['firmId', 'personId'])
export class Session {
  @PrimaryColumn('text', { name: 'token_hash', primaryKeyConstraintName: 'sessions_pkey' })
  tokenHash!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'person_id' })
  personId!: string;

  @ManyToOne(() => Person, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'sessions_person',
    },
    { name: 'person_id', referencedColumnName: 'id', foreignKeyConstraintName: 'sessions_person' },
  ])
  person!: Relation<Person>;

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt!: Date;

  /** By which it is spoken of. */
  @Generated('uuid')
  @Column('uuid')
  id!: string;

  @Column('timestamptz', { name: 'opened_at', default: () => 'now()' })
  openedAt!: Date;

  /** When something was last asked in it, to the hour. */
  @Column('timestamptz', { name: 'seen_at', default: () => 'now()' })
  seenAt!: Date;

  /** What the browser says that it is. */
  @Column('text', { default: '' })
  agent!: string;
}

/**
 * A sign-in that was tried and not yet found right, counted by whom it is for, from where it comes, or by the device
 * that somebody signed in on before; slows the next ones down.
 */
@Entity('sign_in_tries')
@Index('sign_in_tries_by_key', ['key', 'triedAt'])
@Index('sign_in_tries_by_age', ['triedAt'])
export class SignInTry {
  @PrimaryGeneratedColumn('identity', {
    generatedIdentity: 'ALWAYS',
    type: 'bigint',
    primaryKeyConstraintName: 'sign_in_tries_pkey',
  })
  id!: string;

  @Column('text')
  key!: string;

  @Column('timestamptz', { name: 'tried_at', default: () => 'clock_timestamp()' })
  triedAt!: Date;
}

/** A device on which somebody has signed in. Of its mark only the hash is kept. */
@Entity('known_devices')
export class KnownDevice {
  @PrimaryColumn('text', { name: 'token_hash', primaryKeyConstraintName: 'known_devices_pkey' })
  tokenHash!: string;

  @Column('uuid', { name: 'account_id' })
  accountId!: string;

  @ManyToOne(() => Account, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn({ name: 'account_id', foreignKeyConstraintName: 'known_devices_account' })
  account!: Relation<Account>;

  @Column('timestamptz', { name: 'seen_at', default: () => 'now()' })
  seenAt!: Date;
}

export const LINK_KINDS = ['invite', 'reset'] as const;
export type LinkKind = (typeof LINK_KINDS)[number];

/** A link by which somebody joins a firm, or chooses a new password. Of its token only the hash is kept. */
@Entity('account_links')
@Check('account_links_kind', `kind IN ('invite', 'reset')`)
@Index('account_links_by_person', ['firmId', 'personId'])
export class AccountLink {
  @PrimaryColumn('text', { name: 'token_hash', primaryKeyConstraintName: 'account_links_pkey' })
  tokenHash!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'person_id' })
  personId!: string;

  @ManyToOne(() => Person, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'account_links_person',
    },
    {
      name: 'person_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'account_links_person',
    },
  ])
  person!: Relation<Person>;

  @Column('text')
  kind!: LinkKind;

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt!: Date;
}
