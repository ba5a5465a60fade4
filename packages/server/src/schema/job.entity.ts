import { HARDWARE_CODES } from '@water-clock/core/faults';
import { JOB_FAULTS, type JobFault } from '@water-clock/core/visits';
import {
  Check,
  Column,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { PlannedVisit } from './planned-visit.entity.js';
import { Timer } from './timer.entity.js';
import { StoredVisit } from './visit.entity.js';

const listed = (faults: readonly JobFault[]) => faults.map((fault) => `'${fault}'`).join(', ');
const OF_TIMERS = listed(HARDWARE_CODES);

/** A fault that was found at a station, or of the timer and its wires: a job. */
@Entity('jobs')
@Check('jobs_station', 'station > 0')
@Check('jobs_fault', `fault IN (${listed(JOB_FAULTS)})`)
@Check('jobs_place', `(station IS NULL) = (fault IN (${OF_TIMERS}))`)
@Index('jobs_of_timer', ['visitId', 'fault', 'stations'], {
  ...{ unique: true, where: 'station IS NULL' },
})
@Unique('jobs_once', ['visitId', 'station', 'fault'])
@Check('jobs_price', 'price >= 0')
@Check('jobs_version', 'version > 0')
@Index('jobs_by_timer', ['timerId'])
@Index('jobs_by_planned_visit', ['plannedVisitId'])
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

  /** Null: it is of the timer, its wires or what hangs on them. */
  @Column('integer', { nullable: true })
  station!: number | null;

  /** Of what is of the timer, the stations that stay shut by it. */
  @Column('integer', { array: true, default: () => "'{}'" })
  stations!: number[];

  @Column('text')
  fault!: JobFault;

  @Column('text', { default: '' })
  note!: string;

  @Column('timestamptz', { name: 'found_at' })
  foundAt!: Date;

  @Column('text', { name: 'found_by', default: '' })
  foundBy!: string;

  /** The visit at which it is to be done; null: none is planned for it. */
  @Column('uuid', { name: 'planned_visit_id', nullable: true })
  plannedVisitId!: string | null;

  @ManyToOne(() => PlannedVisit, { nullable: true, onDelete: 'SET NULL' })
  @JoinColumn({ name: 'planned_visit_id', foreignKeyConstraintName: 'jobs_planned_visit' })
  plannedVisit!: Relation<PlannedVisit> | null;

  /** What it takes. */
  @Column('text', { default: '' })
  parts!: string;

  /** In the firm's currency; null: not known. */
  @Column('double precision', { nullable: true })
  price!: number | null;

  /** The visit at which it was done; null: it was done at none. */
  @Column('uuid', { name: 'done_visit_id', nullable: true })
  doneVisitId!: string | null;

  @ManyToOne(() => StoredVisit, { nullable: true, onDelete: 'SET NULL' })
  @JoinColumn({ name: 'done_visit_id', foreignKeyConstraintName: 'jobs_done_visit' })
  doneVisit!: Relation<StoredVisit> | null;

  /** Counts the saves of parts, price and visit; a save names the one it was made from. */
  @Column('integer', { default: 1 })
  version!: number;

  /** Null while it is to be done. */
  @Column('timestamptz', { name: 'done_at', nullable: true })
  doneAt!: Date | null;

  @Column('text', { name: 'done_by', default: '' })
  doneBy!: string;
}
