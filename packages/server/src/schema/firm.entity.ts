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

  /** Whoever signs in needs an authenticator too. */
  @Column('boolean', { name: 'wants_second_factor', default: false })
  wantsSecondFactor!: boolean;

  /** Made-up, with people that anyone may sign in as. */
  @Column('boolean', { name: 'is_demo', default: false })
  isDemo!: boolean;
}
