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
import { Property } from './property.entity.js';
import { StoredVisit } from './visit.entity.js';

/** Somebody is to go to a home on a date. */
@Entity('planned_visits')
@Check('planned_visits_minutes', 'minutes BETWEEN 1 AND 1440')
@Check('planned_visits_version', 'version > 0')
@Index('planned_visits_by_date', ['firmId', 'onDate'])
@Index('planned_visits_by_property', ['propertyId'])
export class PlannedVisit {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'planned_visits_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'property_id' })
  propertyId!: string;

  @ManyToOne(() => Property, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'planned_visits_property',
    },
    {
      name: 'property_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'planned_visits_property',
    },
  ])
  property!: Relation<Property>;

  /** Who goes. */
  @Column('uuid', { name: 'person_id' })
  personId!: string;

  @ManyToOne(() => Person, { nullable: false })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'planned_visits_person',
    },
    {
      name: 'person_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'planned_visits_person',
    },
  ])
  person!: Relation<Person>;

  @Column('date', { name: 'on_date' })
  onDate!: string;

  /** In the order in which they are driven; of the same, that which was planned first. */
  @Column('integer')
  place!: number;

  @Column('text', { default: '' })
  reason!: string;

  @Column('text', { default: '' })
  notes!: string;

  /** How long it is expected to take; null: as long as what is to be done takes. */
  @Column('integer', { nullable: true })
  minutes!: number | null;

  /** The visit that it became; null: it was not held yet. */
  @Column('uuid', { name: 'visit_id', nullable: true })
  visitId!: string | null;

  @ManyToOne(() => StoredVisit, { nullable: true, onDelete: 'SET NULL' })
  @JoinColumn({ name: 'visit_id', foreignKeyConstraintName: 'planned_visits_visit' })
  visit!: Relation<StoredVisit> | null;

  @Column('text', { name: 'made_by', default: '' })
  madeBy!: string;

  /** Counts the saves; a save names the one it was made from. */
  @Column('integer', { default: 1 })
  version!: number;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
