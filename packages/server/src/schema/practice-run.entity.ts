import type { Difficulty } from '@water-clock/core/practice';
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
import { Person } from './person.entity.js';

/** A case that somebody practised on; before it is judged, the one that goes on. */
@Entity('practice_runs')
@Check('practice_runs_difficulty', 'difficulty BETWEEN 1 AND 3')
@Check(
  'practice_runs_judged',
  `(judged_at IS NULL) = (is_right IS NULL)
    AND (judged_at IS NULL) = (presses IS NULL)
    AND (judged_at IS NULL) = (passed_seconds IS NULL)
    AND (judged_at IS NULL) = (tries = 0)`,
)
@Index('practice_runs_by_person', ['firmId', 'personId', 'begunAt'])
@Index('practice_runs_going_on', ['personId'], { unique: true, where: 'judged_at IS NULL' })
export class PracticeRun {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'practice_runs_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'person_id' })
  personId!: string;

  @ManyToOne(() => Person, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'practice_runs_person',
    },
    {
      name: 'person_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'practice_runs_person',
    },
  ])
  person!: Relation<Person>;

  /** Null: a free case. */
  @Column('text', { nullable: true })
  lesson!: string | null;

  @Column('smallint')
  difficulty!: Difficulty;

  @Column('integer')
  seed!: number;

  @CreateDateColumn({ name: 'begun_at', type: 'timestamptz' })
  begunAt!: Date;

  /** When it was judged last. */
  @Column('timestamptz', { name: 'judged_at', nullable: true })
  judgedAt!: Date | null;

  @Column('boolean', { name: 'is_right', nullable: true })
  isRight!: boolean | null;

  /** How often it was judged. */
  @Column('integer', { default: 0 })
  tries!: number;

  @Column('integer', { nullable: true })
  presses!: number | null;

  /** Of the case's own time. */
  @Column('integer', { name: 'passed_seconds', nullable: true })
  passedSeconds!: number | null;
}
