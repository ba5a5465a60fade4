import type { FaultCode } from '@water-clock/core/faults';
import type { Telling } from '@water-clock/core/tellings';
import {
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryGeneratedColumn,
  type Relation,
} from 'typeorm';
import { ShareLink } from './sheet.entity.js';
import { Timer } from './timer.entity.js';

/** What would explain what was told. */
export interface LikelyCause {
  readonly code: FaultCode;
  readonly says: string;
}

/** What a household told by the link to its sheet. */
@Entity('tellings')
@Index('tellings_open', ['firmId', 'toldAt'], { where: 'closed_at IS NULL' })
@Index('tellings_by_timer', ['timerId', 'toldAt'])
@Index('tellings_by_link', ['linkId', 'toldAt'])
export class StoredTelling {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'tellings_pkey' })
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
      foreignKeyConstraintName: 'tellings_timer',
    },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'tellings_timer' },
  ])
  timer!: Relation<Timer>;

  /** By which it came. */
  @Column('uuid', { name: 'link_id', nullable: true })
  linkId!: string | null;

  @ManyToOne(() => ShareLink, { nullable: true, onDelete: 'SET NULL' })
  @JoinColumn({ name: 'link_id', foreignKeyConstraintName: 'tellings_link' })
  link!: Relation<ShareLink> | null;

  @CreateDateColumn({ name: 'told_at', type: 'timestamptz' })
  toldAt!: Date;

  @Column('jsonb')
  document!: Telling;

  /** The likeliest first; none where nothing was seen but in words, or nothing explains it. */
  @Column('jsonb', { default: [] })
  causes!: LikelyCause[];

  @Column('timestamptz', { name: 'closed_at', nullable: true })
  closedAt!: Date | null;

  @Column('text', { name: 'closed_by', default: '' })
  closedBy!: string;
}
