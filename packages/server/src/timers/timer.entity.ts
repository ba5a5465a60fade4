import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  OneToOne,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { Property } from '../properties/property.entity.js';
import { TimerSettings } from './timer-settings.entity.js';

/** A timer on a property's wall, or on its tap. */
@Entity('timers')
@Check('timers_name', `name <> ''`)
@Unique('timers_of_firm', ['id', 'firmId'])
@Index('timers_by_property', ['firmId', 'propertyId'])
export class Timer {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'timers_pkey' })
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
      foreignKeyConstraintName: 'timers_property',
    },
    {
      name: 'property_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'timers_property',
    },
  ])
  property!: Relation<Property>;

  @Column('text')
  name!: string;

  @OneToOne(() => TimerSettings, (settings) => settings.timer)
  settings!: Relation<TimerSettings>;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
