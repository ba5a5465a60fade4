import type { DueKind } from '@water-clock/core/dues';
import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryGeneratedColumn,
  type Relation,
} from 'typeorm';
import { Timer } from './timer.entity.js';

/** What somebody said of a due other than by a visit: it is done, or is put off. */
@Entity('due_answers')
@Check('due_answers_one', '(done_by IS NULL) = (until_date IS NOT NULL)')
@Check('due_answers_done_by', `done_by IN ('household', 'firm')`)
@Check('due_answers_reason', `until_date IS NULL OR reason <> ''`)
@Index('due_answers_by_timer', ['timerId', 'madeAt'])
export class StoredDueAnswer {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'due_answers_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'timer_id' })
  timerId!: string;

  @ManyToOne(() => Timer, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'due_answers_timer',
    },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'due_answers_timer' },
  ])
  timer!: Relation<Timer>;

  @Column('text')
  key!: string;

  @Column('text')
  kind!: DueKind;

  /** Null where it is put off. */
  @Column('text', { name: 'done_by', nullable: true })
  doneBy!: 'household' | 'firm' | null;

  @Column('date', { name: 'answered_on' })
  answeredOn!: string;

  /** The date that it is put off to. */
  @Column('date', { name: 'until_date', nullable: true })
  untilDate!: string | null;

  @Column('text', { default: '' })
  reason!: string;

  @Column('text', { name: 'person_name', default: '' })
  personName!: string;

  @CreateDateColumn({ name: 'made_at', type: 'timestamptz' })
  madeAt!: Date;
}
