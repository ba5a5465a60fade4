import type { CopyReason } from '@water-clock/core/property-file';
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
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { Timer } from './timer.entity.js';

/** A timer's settings as they were saved once. Only its name, and where it is, may change. */
@Entity('copies')
@Check('copies_number', 'number > 0')
@Check(
  'copies_confirmed',
  `values_keyed_in >= 0 AND values_unknown >= 0 AND values_keyed_in + values_unknown <= values_of`,
)
@Check('copies_reason', `reason IN ('as-found', 'planned', 'left')`)
@Check('copies_format', `document ->> 'format' = 'waterclock.plan/2'`)
@Unique('copies_of_firm', ['id', 'firmId'])
@Unique('copies_by_number', ['timerId', 'number'])
@Index('copies_one_in_timer', ['timerId'], { unique: true, where: 'is_in_timer' })
export class Copy {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'copies_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'timer_id' })
  timerId!: string;

  @ManyToOne(() => Timer, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'copies_timer' },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'copies_timer' },
  ])
  timer!: Relation<Timer>;

  /** Counts a timer's copies from 1. */
  @Column('integer')
  number!: number;

  @Column('text', { default: '' })
  name!: string;

  @Column('text')
  reason!: CopyReason;

  @Column('jsonb')
  document!: Plan;

  /** The yard as it was then; null: nobody kept it. */
  @Column('jsonb', { nullable: true })
  yard!: Yard | null;

  /** Who saved it; a name, so that it stays when the person goes. */
  @Column('text', { name: 'person_name', default: '' })
  personName!: string;

  /** It is believed to be what the timer holds now. */
  @Column('boolean', { name: 'is_in_timer', default: false })
  isInTimer!: boolean;

  /** How many values the timer has; 0 where nobody counted. */
  @Column('integer', { name: 'values_of', default: 0 })
  valuesOf!: number;

  /** How many were keyed in, and not read back. */
  @Column('integer', { name: 'values_keyed_in', default: 0 })
  valuesKeyedIn!: number;

  /** Of how many nobody knows what stands there. */
  @Column('integer', { name: 'values_unknown', default: 0 })
  valuesUnknown!: number;

  @CreateDateColumn({ name: 'made_at', type: 'timestamptz' })
  madeAt!: Date;
}
