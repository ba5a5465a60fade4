import type { Break, Fix, HomesChange, Outcome } from '@water-clock/core/rollouts';
import type { Plan } from '@water-clock/core/settings';
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
import { Copy } from './copy.entity.js';
import { Firm } from './firm.entity.js';
import { Timer } from './timer.entity.js';

/** What has come of trying: it goes on, was stopped, or is done. */
export const ROLLOUT_STATES = ['working', 'stopped', 'ready'] as const;
export type RolloutState = (typeof ROLLOUT_STATES)[number];

/** A change of many homes: first tried, then worked off home by home. */
@Entity('rollouts')
@Check('rollouts_name', `name <> ''`)
@Check('rollouts_dates', 'from_date >= on_date')
@Check('rollouts_state', `state IN ('working', 'stopped', 'ready')`)
@Unique('rollouts_of_firm', ['id', 'firmId'])
@Index('rollouts_by_firm', ['firmId', 'createdAt'])
export class Rollout {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'rollouts_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Firm, { nullable: false })
  @JoinColumn({ name: 'firm_id', foreignKeyConstraintName: 'rollouts_firm' })
  firm!: Relation<Firm>;

  @Column('text')
  name!: string;

  @Column('jsonb')
  change!: HomesChange;

  /** The date on which it is tried, of whoever tries it. */
  @Column('date', { name: 'on_date' })
  onDate!: string;

  /** From when on it holds. */
  @Column('date', { name: 'from_date' })
  fromDate!: string;

  @Column('text', { default: 'working' })
  state!: RolloutState;

  /** When the rules, or the timer type, were saved as they are here. */
  @Column('timestamptz', { name: 'in_force_at', nullable: true })
  inForceAt!: Date | null;

  @Column('timestamptz', { name: 'closed_at', nullable: true })
  closedAt!: Date | null;

  /** The process that is at it, and until when it may be believed to be. */
  @Column('uuid', { name: 'leased_by', nullable: true })
  leasedBy!: string | null;

  @Column('timestamptz', { name: 'leased_until', nullable: true })
  leasedUntil!: Date | null;

  @Column('text', { name: 'made_by', default: '' })
  madeBy!: string;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** What a change of many homes comes to at one timer. */
@Entity('rollout_timers')
@Check(
  'rollout_timers_outcome',
  `outcome IN ('untouched', 'well', 'breaks', 'was-broken', 'too-much')`,
)
@Check('rollout_timers_tried', '(outcome IS NULL) = (tried_version IS NULL)')
@Check(
  'rollout_timers_accepted',
  `(accepted_at IS NULL) = (accepted_version IS NULL)
    AND (accepted_at IS NULL) = (before IS NULL) AND (accepted_at IS NULL OR target IS NOT NULL)`,
)
@Index('rollout_timers_by_timer', ['timerId'])
@Index('rollout_timers_to_try', ['rolloutId', 'timerId'], { where: 'outcome IS NULL' })
@Index('rollout_timers_to_fix', ['rolloutId', 'timerId'], {
  where: `fix IS NULL AND accepted_at IS NULL AND outcome IN ('breaks', 'was-broken')`,
})
export class RolloutTimer {
  @PrimaryColumn('uuid', {
    name: 'rollout_id',
    primaryKeyConstraintName: 'rollout_timers_pkey',
  })
  rolloutId!: string;

  @PrimaryColumn('uuid', { name: 'timer_id', primaryKeyConstraintName: 'rollout_timers_pkey' })
  timerId!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Rollout, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'rollout_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'rollout_timers_rollout',
    },
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'rollout_timers_rollout',
    },
  ])
  rollout!: Relation<Rollout>;

  @ManyToOne(() => Timer, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'rollout_timers_timer',
    },
    {
      name: 'timer_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'rollout_timers_timer',
    },
  ])
  timer!: Relation<Timer>;

  /** The version of the settings that it was tried on. */
  @Column('integer', { name: 'tried_version', nullable: true })
  triedVersion!: number | null;

  /** Null: not tried yet. */
  @Column('text', { nullable: true })
  outcome!: Outcome | null;

  @Column('jsonb', { default: [] })
  breaks!: Break[];

  /** Null: not worked out yet, or nothing is broken. */
  @Column('jsonb', { nullable: true })
  fix!: Fix | null;

  /** The settings that are to be, where they are others. */
  @Column('jsonb', { nullable: true })
  target!: Plan | null;

  /** How many values that takes. */
  @Column('integer', { name: 'values_changed', default: 0 })
  valuesChanged!: number;

  @Column('timestamptz', { name: 'accepted_at', nullable: true })
  acceptedAt!: Date | null;

  /** The version that the settings had then. */
  @Column('integer', { name: 'accepted_version', nullable: true })
  acceptedVersion!: number | null;

  /** The settings until then. */
  @Column('jsonb', { nullable: true })
  before!: Plan | null;

  @Column('uuid', { name: 'copy_id', nullable: true })
  copyId!: string | null;

  @ManyToOne(() => Copy, { nullable: true, onDelete: 'SET NULL' })
  @JoinColumn({ name: 'copy_id', foreignKeyConstraintName: 'rollout_timers_copy' })
  copy!: Relation<Copy> | null;

  /** When somebody opened a message to the household; whether it was sent nobody here can see. */
  @Column('timestamptz', { name: 'messaged_at', nullable: true })
  messagedAt!: Date | null;
}
