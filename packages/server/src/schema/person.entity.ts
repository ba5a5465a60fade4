import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { Firm } from './firm.entity.js';

export const ROLES = ['owner', 'technician', 'office'] as const;
/** What a person may do: all (`owner`), all but the firm's people, or no change of settings. */
export type Role = (typeof ROLES)[number];

export const CLOCKS = ['24', '12'] as const;
export type Clock = (typeof CLOCKS)[number];

/** Somebody who works for a firm, and signs in. */
@Entity('people')
@Check('people_email', `email = lower(email) AND email LIKE '%_@_%'`)
@Check('people_name', `name <> ''`)
@Check('people_role', `role IN ('owner', 'technician', 'office')`)
@Check('people_clock', `clock IN ('24', '12')`)
@Unique('people_by_email', ['email'])
@Unique('people_of_firm', ['id', 'firmId'])
export class Person {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'people_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Firm, { nullable: false })
  @JoinColumn({ name: 'firm_id', foreignKeyConstraintName: 'people_firm' })
  firm!: Relation<Firm>;

  /** In small letters. */
  @Column('text')
  email!: string;

  @Column('text')
  name!: string;

  @Column('text')
  role!: Role;

  /** argon2id. */
  @Column('text', { name: 'password_hash' })
  passwordHash!: string;

  /** How the person reads the time of day. */
  @Column('text', { default: '24' })
  clock!: Clock;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** A person who is signed in on one device. Of the token only its hash is kept. */
@Entity('sessions')
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

/** A device on which a person has signed in. Of its mark only the hash is kept. */
@Entity('known_devices')
export class KnownDevice {
  @PrimaryColumn('text', { name: 'token_hash', primaryKeyConstraintName: 'known_devices_pkey' })
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
      foreignKeyConstraintName: 'known_devices_person',
    },
    {
      name: 'person_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'known_devices_person',
    },
  ])
  person!: Relation<Person>;

  @Column('timestamptz', { name: 'seen_at', default: () => 'now()' })
  seenAt!: Date;
}
