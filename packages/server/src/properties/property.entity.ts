import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { Firm } from '../firms/firm.entity.js';

/** A home that the firm looks after. */
@Entity('properties')
@Check('properties_name', `name <> ''`)
@Check('properties_latitude', 'latitude BETWEEN -90 AND 90')
@Check('properties_longitude', 'longitude BETWEEN -180 AND 180')
@Check('properties_version', 'version > 0')
@Unique('properties_of_firm', ['id', 'firmId'])
@Index('properties_by_name', ['firmId', 'name'])
export class Property {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'properties_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Firm, { nullable: false })
  @JoinColumn({ name: 'firm_id', foreignKeyConstraintName: 'properties_firm' })
  firm!: Relation<Firm>;

  @Column('text')
  name!: string;

  @Column('text', { default: '' })
  address!: string;

  @Column('text', { default: '' })
  town!: string;

  /** IANA name. */
  @Column('text', { name: 'time_zone', nullable: true })
  timeZone!: string | null;

  @Column('double precision', { nullable: true })
  latitude!: number | null;

  @Column('double precision', { nullable: true })
  longitude!: number | null;

  /** Counts the saves; a save names the one it was made from. */
  @Column('integer', { default: 1 })
  version!: number;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
