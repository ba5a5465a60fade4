import type { Standing } from '@water-clock/core/standing';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Timer } from './timer.entity.js';

/** What is true of a timer on a date, worked out once for all who ask. */
@Entity('standings')
export class StoredStanding {
  @PrimaryColumn('uuid', { name: 'timer_id', primaryKeyConstraintName: 'standings_pkey' })
  timerId!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Timer, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'standings_timer',
    },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'standings_timer' },
  ])
  timer!: Relation<Timer>;

  /** A date of the timer's calendar. */
  @PrimaryColumn('date', { name: 'from_date', primaryKeyConstraintName: 'standings_pkey' })
  fromDate!: string;

  /** Of all that it was worked out from the versions; by another basis it tells nothing. */
  @Column('text')
  basis!: string;

  @Column('jsonb')
  document!: Standing;
}
