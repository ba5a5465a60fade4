import type { RuleSet } from '@water-clock/core/local-rules';
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

/** The watering rules of one district, as the firm knows them. */
@Entity('rule_sets')
@Check('rule_sets_format', `document ->> 'format' = 'waterclock.rules/1'`)
@Check('rule_sets_version', 'version > 0')
@Unique('rule_sets_of_firm', ['id', 'firmId'])
export class StoredRuleSet {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'rule_sets_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Firm, { nullable: false })
  @JoinColumn({ name: 'firm_id', foreignKeyConstraintName: 'rule_sets_firm' })
  firm!: Relation<Firm>;

  @Column('jsonb')
  document!: RuleSet;

  /** Counts the saves; a save names the one it was made from. */
  @Column('integer', { default: 1 })
  version!: number;
}
