import type { Plan } from '@water-clock/core/settings';
import type { Yard } from '@water-clock/core/yards';
import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  OneToOne,
  PrimaryColumn,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { TimerType } from './timer-type.entity.js';
import { Property } from './property.entity.js';

/** A timer on a property's wall, or on its tap. */
@Entity('timers')
@Check('timers_name', `name <> ''`)
@Unique('timers_of_firm', ['id', 'firmId'])
@Index('timers_by_property', ['firmId', 'propertyId'])
@Index('timers_by_kind', ['timerTypeId'])
export class Timer {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'timers_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'property_id' })
  propertyId!: string;

  @ManyToOne(() => Property, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'timers_property',
    },
    {
      name: 'property_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'timers_property',
    },
  ])
  property!: Relation<Property>;

  @Column('text')
  name!: string;

  /** One of the firm's own timer types; null for a timer that was set up without. */
  @Column('uuid', { name: 'kind_id', nullable: true })
  timerTypeId!: string | null;

  @ManyToOne(() => TimerType, { nullable: true })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'timers_kind' },
    { name: 'kind_id', referencedColumnName: 'id', foreignKeyConstraintName: 'timers_kind' },
  ])
  timerType!: Relation<TimerType> | null;

  /** The timer holds a backup of its own; null where nobody has looked. */
  @Column('boolean', { name: 'has_own_backup', nullable: true })
  hasOwnBackup!: boolean | null;

  @OneToOne(() => TimerYard, (yard) => yard.timer)
  yard!: Relation<TimerYard>;

  @OneToOne(() => TimerSettings, (settings) => settings.timer)
  settings!: Relation<TimerSettings>;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** A timer's settings: one plan document, whole and checked. */
@Entity('timer_settings')
@Check('settings_format', `document ->> 'format' = 'waterclock.plan/2'`)
@Check('settings_version', 'version > 0')
export class TimerSettings {
  @PrimaryColumn('uuid', { name: 'timer_id', primaryKeyConstraintName: 'timer_settings_pkey' })
  timerId!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @OneToOne(() => Timer, (timer) => timer.settings, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'settings_timer' },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'settings_timer' },
  ])
  timer!: Relation<Timer>;

  @Column('jsonb')
  document!: Plan;

  /** Counts the saves; a save names the one it was made from. */
  @Column('integer', { default: 1 })
  version!: number;

  @Column('timestamptz', { name: 'saved_at', default: () => 'now()' })
  savedAt!: Date;

  /** The name of who saved it. */
  @Column('text', { name: 'saved_by', default: '' })
  savedBy!: string;
}

/** What a timer's stations water: one yard document, whole and checked. */
@Entity('timer_yards')
@Check('yards_format', `document ->> 'format' = 'waterclock.yard/1'`)
@Check('yards_version', 'version > 0')
export class TimerYard {
  @PrimaryColumn('uuid', { name: 'timer_id', primaryKeyConstraintName: 'timer_yards_pkey' })
  timerId!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @OneToOne(() => Timer, (timer) => timer.yard, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'yards_timer' },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'yards_timer' },
  ])
  timer!: Relation<Timer>;

  @Column('jsonb')
  document!: Yard;

  /** Counts the saves; a save names the one it was made from. */
  @Column('integer', { default: 1 })
  version!: number;

  @Column('timestamptz', { name: 'saved_at', default: () => 'now()' })
  savedAt!: Date;

  /** The name of who saved it. */
  @Column('text', { name: 'saved_by', default: '' })
  savedBy!: string;
}
