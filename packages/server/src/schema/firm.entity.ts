import type { Spans } from '@water-clock/core/dues';
import type { CoilLimits } from '@water-clock/core/visits';
import type { Customary } from '@water-clock/core/needs';
import { Check, Column, Entity, PrimaryGeneratedColumn } from 'typeorm';

export const UNITS = ['metric', 'us'] as const;
/** The units that a firm's people see; stored is SI. */
export type Units = (typeof UNITS)[number];

/** A firm of technicians. Every other row belongs to one. */
@Entity('firms')
@Check('firms_name', `name <> ''`)
@Check('firms_currency', `currency ~ '^[A-Z]{3}$'`)
@Check('firms_units', `units IN ('metric', 'us')`)
@Check('firms_keep_removed', 'keep_removed_days BETWEEN 1 AND 365')
@Check('firms_keep_changes', 'keep_changes_months BETWEEN 1 AND 240')
@Check('firms_keep_visits', 'keep_visits_months BETWEEN 6 AND 240')
@Check('firms_keep_archived', 'keep_archived_months BETWEEN 1 AND 240')
export class Firm {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'firms_pkey' })
  id!: string;

  @Column('text')
  name!: string;

  /** Whom a household phones. */
  @Column('text', { default: '' })
  phone!: string;

  @Column('text', { default: 'metric' })
  units!: Units;

  /** ISO 4217: what the firm's homes pay for their water in. */
  @Column('text', { default: 'USD' })
  currency!: string;

  /** Customary minutes and waterings; null: the product's. */
  @Column('jsonb', { nullable: true })
  customary!: Customary | null;

  /** After how many months things fall due again; null: the product's. */
  @Column('jsonb', { nullable: true })
  spans!: Spans | null;

  /** By which readings of coils are judged; null: the product's. */
  @Column('jsonb', { name: 'coil_limits', nullable: true })
  coilLimits!: CoilLimits | null;

  /** Whoever signs in needs an authenticator too. */
  @Column('boolean', { name: 'wants_second_factor', default: false })
  wantsSecondFactor!: boolean;

  /** How long what was taken away can be brought back. */
  @Column('integer', { name: 'keep_removed_days', default: 30 })
  keepRemovedDays!: number;

  /** How long it is kept what changes were of, and whose; null: for good. */
  @Column('integer', { name: 'keep_changes_months', nullable: true })
  keepChangesMonths!: number | null;

  /** How long visits, sheets and copies are kept that nothing else rests on; null: for good. */
  @Column('integer', { name: 'keep_visits_months', nullable: true })
  keepVisitsMonths!: number | null;

  /** After how long an archived property is erased; null: never. */
  @Column('integer', { name: 'keep_archived_months', nullable: true })
  keepArchivedMonths!: number | null;

  /** Made-up, with people that anyone may sign in as. */
  @Column('boolean', { name: 'is_demo', default: false })
  isDemo!: boolean;
}
