import {
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
import { Person } from './person.entity.js';

/** A way to a person's planned visits for whoever knows its token, of which only the hash is kept. */
@Entity('calendar_links')
@Unique('calendar_links_by_token', ['tokenHash'])
@Index('calendar_links_one', ['personId'], { unique: true, where: 'withdrawn_at IS NULL' })
export class CalendarLink {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'calendar_links_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'person_id' })
  personId!: string;

  @ManyToOne(() => Person, { nullable: false })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'calendar_links_person',
    },
    {
      name: 'person_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'calendar_links_person',
    },
  ])
  person!: Relation<Person>;

  @Column('text', { name: 'token_hash' })
  tokenHash!: string;

  @CreateDateColumn({ name: 'made_at', type: 'timestamptz' })
  madeAt!: Date;

  @Column('timestamptz', { name: 'withdrawn_at', nullable: true })
  withdrawnAt!: Date | null;
}
