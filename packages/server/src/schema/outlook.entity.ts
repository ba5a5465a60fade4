import {
  Check,
  Column,
  Entity,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  type Relation,
} from 'typeorm';
import { Timer } from './timer.entity.js';

/** What settings of one version bring from a date on, worked out once for all who ask. */
@Entity('outlooks')
@Check('outlooks_counts', 'collisions >= 0 AND runs >= 0')
export class StoredOutlook {
  @PrimaryColumn('uuid', { name: 'timer_id', primaryKeyConstraintName: 'outlooks_pkey' })
  timerId!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Timer, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'outlooks_timer' },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'outlooks_timer' },
  ])
  timer!: Relation<Timer>;

  /** A date of the timer's calendar. */
  @PrimaryColumn('date', { name: 'from_date', primaryKeyConstraintName: 'outlooks_pkey' })
  fromDate!: string;

  /** Of the settings; of another version it tells nothing. */
  @Column('integer', { name: 'settings_version' })
  settingsVersion!: number;

  @Column('boolean', { name: 'is_too_much' })
  isTooMuch!: boolean;

  @Column('integer')
  collisions!: number;

  @Column('integer')
  runs!: number;

  /** Timer time; null where no two runs overlap. */
  @Column('text', { name: 'first_collision', nullable: true })
  firstCollision!: string | null;
}
