import {
  Check,
  Column,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryGeneratedColumn,
  type Relation,
} from 'typeorm';
import { Firm } from './firm.entity.js';

export const CHANGE_KINDS = [
  'firm',
  'person',
  'property',
  'timer',
  'settings',
  'yard',
  'copy',
  'visit',
  'job',
  'sheet',
  'link',
  'rules',
  'weather',
  'timer type',
  'planned visit',
  'due',
  'calendar link',
  'rollout',
  'photo',
  'telling',
] as const;
export type ChangeKind = (typeof CHANGE_KINDS)[number];

export const CHANGE_WAYS = ['add', 'change', 'remove'] as const;
export type ChangeWay = (typeof CHANGE_WAYS)[number];

/** Of each field that changed what it was, and what it is, both cut short; of a document which of its parts. */
export type ChangedFields = Readonly<Record<string, readonly [string | null, string | null]>>;

/**
 * Who changed what. Written by the database itself, in the transaction of the change; afterwards nothing of it can be
 * changed but that its personal values are emptied, and it goes with its firm alone.
 */
@Entity('changes')
@Check('changes_way', `way IN ('add', 'change', 'remove')`)
@Index('changes_of_firm', ['firmId', 'id'])
@Index('changes_of_property', ['firmId', 'propertyId', 'id'])
export class Change {
  @PrimaryGeneratedColumn('identity', {
    generatedIdentity: 'ALWAYS',
    type: 'bigint',
    primaryKeyConstraintName: 'changes_pkey',
  })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Firm, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn({ name: 'firm_id', foreignKeyConstraintName: 'changes_firm' })
  firm!: Relation<Firm>;

  @Column('timestamptz', { name: 'made_at', default: () => 'clock_timestamp()' })
  madeAt!: Date;

  /** Null: the installation itself. */
  @Column('uuid', { name: 'person_id', nullable: true })
  personId!: string | null;

  @Column('text', { name: 'person_name', nullable: true })
  personName!: string | null;

  @Column('text')
  way!: ChangeWay;

  @Column('text')
  kind!: ChangeKind;

  @Column('uuid', { name: 'row_id' })
  rowId!: string;

  /** Null: of no property. */
  @Column('uuid', { name: 'property_id', nullable: true })
  propertyId!: string | null;

  /** What it was called. */
  @Column('text', { nullable: true })
  name!: string | null;

  /** Null where it was added, removed, or emptied. */
  @Column('jsonb', { nullable: true })
  fields!: ChangedFields | null;
}
