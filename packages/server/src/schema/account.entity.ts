import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
/** By what somebody signs in, whatever firms they work for. */
@Entity('accounts')
@Check('accounts_email', `email = lower(email) AND email LIKE '%_@_%'`)
@Check('accounts_second_factor', 'totp_since IS NULL OR totp_secret IS NOT NULL')
@Unique('accounts_by_email', ['email'])
export class Account {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'accounts_pkey' })
  id!: string;

  /** In small letters. */
  @Column('text')
  email!: string;

  /** argon2id; null until somebody has chosen one. */
  @Column('text', { name: 'password_hash', nullable: true })
  passwordHash!: string | null;

  /** What an authenticator app makes its codes of, base32. */
  @Column('text', { name: 'totp_secret', nullable: true })
  totpSecret!: string | null;

  /** Since when a code is asked for; null while it is only being set up. */
  @Column('timestamptz', { name: 'totp_since', nullable: true })
  totpSince!: Date | null;

  /** The step of the last code that was taken: no code opens twice. */
  @Column('bigint', { name: 'totp_last_step', nullable: true })
  totpLastStep!: string | null;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** A code for whoever has lost their authenticator, good once. Only its hash is kept. */
@Entity('recovery_codes')
export class RecoveryCode {
  @PrimaryColumn('uuid', { name: 'account_id', primaryKeyConstraintName: 'recovery_codes_pkey' })
  accountId!: string;

  @ManyToOne(() => Account, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn({ name: 'account_id', foreignKeyConstraintName: 'recovery_codes_account' })
  account!: Relation<Account>;

  @PrimaryColumn('text', { name: 'code_hash', primaryKeyConstraintName: 'recovery_codes_pkey' })
  codeHash!: string;
}
