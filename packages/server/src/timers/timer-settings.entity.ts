import type { Plan } from '@water-clock/core/settings';
import { Check, Column, Entity, JoinColumn, OneToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Timer } from './timer.entity.js';

/** A timer's settings: one plan document, whole and checked. */
@Entity('timer_settings')
@Check('settings_format', `document ->> 'format' = 'waterclock.plan/1'`)
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
}
