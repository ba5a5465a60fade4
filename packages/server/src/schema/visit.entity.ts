import type { StationFault, VisitEntry } from '@water-clock/core/visits';
import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  OneToMany,
  PrimaryColumn,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { Timer } from './timer.entity.js';

/** One visit to one timer; what happened is in its entries. */
@Entity('visits')
@Unique('visits_of_firm', ['id', 'firmId'])
@Index('visits_by_timer', ['timerId', 'startedAt'])
export class StoredVisit {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'visits_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'timer_id' })
  timerId!: string;

  @ManyToOne(() => Timer, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'visits_timer' },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'visits_timer' },
  ])
  timer!: Relation<Timer>;

  @Column('timestamptz', { name: 'started_at' })
  startedAt!: Date;

  @Column('text', { name: 'started_by', default: '' })
  startedBy!: string;

  /** Null while it goes on. */
  @Column('timestamptz', { name: 'ended_at', nullable: true })
  endedAt!: Date | null;

  @Column('text', { name: 'ended_by', default: '' })
  endedBy!: string;

  @OneToMany(() => StoredEntry, (entry) => entry.visit)
  entries!: Relation<StoredEntry[]>;
}

/** Something that was done or observed at a visit. It never changes; a later one may say otherwise. */
@Entity('visit_entries')
@Check('visit_entries_number', 'number > 0')
@Check('visit_entries_seen', 'seen >= 0 AND seen < number')
@Unique('visit_entries_by_number', ['visitId', 'number'])
export class StoredEntry {
  /** The device that made it gives its id, so that it may be sent twice. */
  @PrimaryColumn('uuid', { primaryKeyConstraintName: 'visit_entries_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'visit_id' })
  visitId!: string;

  @ManyToOne(() => StoredVisit, (visit) => visit.entries, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'visit_entries_visit',
    },
    {
      name: 'visit_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'visit_entries_visit',
    },
  ])
  visit!: Relation<StoredVisit>;

  /** Counts a visit's entries from 1, as they came in. */
  @Column('integer')
  number!: number;

  /** The highest number that its maker had seen. */
  @Column('integer')
  seen!: number;

  @Column('text', { name: 'person_name', default: '' })
  personName!: string;

  @Column('timestamptz', { name: 'observed_at' })
  observedAt!: Date;

  @CreateDateColumn({ name: 'recorded_at', type: 'timestamptz' })
  recordedAt!: Date;

  @Column('jsonb')
  document!: VisitEntry;
}

/** A fault that was found at a station: a job. */
@Entity('jobs')
@Check('jobs_station', 'station > 0')
@Check(
  'jobs_fault',
  `fault IN ('head-broken', 'head-tilted', 'head-clogged', 'leak', 'low-pressure', 'valve-stuck', 'no-valve', 'wrong-area')`,
)
@Unique('jobs_once', ['visitId', 'station', 'fault'])
@Index('jobs_by_timer', ['timerId'])
@Index('jobs_open', ['firmId'], { where: 'done_at IS NULL' })
export class Job {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'jobs_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'visit_id' })
  visitId!: string;

  @ManyToOne(() => StoredVisit, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'jobs_visit' },
    { name: 'visit_id', referencedColumnName: 'id', foreignKeyConstraintName: 'jobs_visit' },
  ])
  visit!: Relation<StoredVisit>;

  @Column('uuid', { name: 'timer_id' })
  timerId!: string;

  @ManyToOne(() => Timer, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'jobs_timer' },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'jobs_timer' },
  ])
  timer!: Relation<Timer>;

  @Column('integer')
  station!: number;

  @Column('text')
  fault!: StationFault;

  @Column('text', { default: '' })
  note!: string;

  @Column('timestamptz', { name: 'found_at' })
  foundAt!: Date;

  @Column('text', { name: 'found_by', default: '' })
  foundBy!: string;

  /** Null while it is to be done. */
  @Column('timestamptz', { name: 'done_at', nullable: true })
  doneAt!: Date | null;

  @Column('text', { name: 'done_by', default: '' })
  doneBy!: string;
}
