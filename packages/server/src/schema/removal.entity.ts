import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  type Relation,
} from 'typeorm';
import { Firm } from './firm.entity.js';

/** Something that was taken away, to be brought back as it was: its row, and what went by it. */
@Entity('removals')
@Check('removals_kind', `kind IN ('rule-set', 'weather', 'timer-type')`)
@Index('removals_by_age', ['removedAt'])
export class Removal {
  /** The id that it had, and has again when it is brought back. */
  @PrimaryColumn('uuid', { primaryKeyConstraintName: 'removals_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Firm, { nullable: false })
  @JoinColumn({ name: 'firm_id', foreignKeyConstraintName: 'removals_firm' })
  firm!: Relation<Firm>;

  @Column('text')
  kind!: 'rule-set' | 'weather' | 'timer-type';

  @Column('jsonb')
  row!: object;

  /** The homes, or timers, that went by it. */
  @Column('uuid', { array: true })
  holders!: string[];

  @CreateDateColumn({ name: 'removed_at', type: 'timestamptz' })
  removedAt!: Date;
}
