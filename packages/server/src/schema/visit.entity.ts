import type { VisitEntry } from '@water-clock/core/visits';
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
