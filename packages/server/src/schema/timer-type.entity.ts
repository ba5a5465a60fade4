import type { TimerCapability, TimerHandling } from '@water-clock/core/timer-types';
import {
  Check,
  Column,
  Entity,
  JoinColumn,
  ManyToOne,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { Firm } from './firm.entity.js';

/** A type of timer that a firm has come to know. */
@Entity('timer_kinds')
@Check('timer_kinds_name', `name <> ''`)
@Check('timer_kinds_version', 'version > 0')
@Unique('timer_kinds_of_firm', ['id', 'firmId'])
@Unique('timer_kinds_by_name', ['firmId', 'name'])
export class TimerType {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'timer_kinds_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Firm, { nullable: false })
  @JoinColumn({ name: 'firm_id', foreignKeyConstraintName: 'timer_kinds_firm' })
  firm!: Relation<Firm>;

  @Column('text')
  name!: string;

  @Column('text', { default: '' })
  summary!: string;

  @Column('jsonb')
  capability!: TimerCapability;

  /** How it is used with the hands; new timer types are given it. */
  @Column('jsonb', {
    default: () =>
      // In the order in which PostgreSQL keeps it.
      `'{"wiring": "valve-wires", "storeCopy": "", "keyInOrder": ["clock", "starts", "run-times", "days", "percent", "extras"], "factoryReset": "", "pauseForRain": "", "bringBackCopy": "", "runOneStation": "", "setsSummerTime": false, "intervalAskedAs": "first-day", "longestHoldDays": 14}'`,
  })
  handling!: TimerHandling;

  /** Counts the saves; a save names the one it was made from. */
  @Column('integer', { default: 1 })
  version!: number;
}
