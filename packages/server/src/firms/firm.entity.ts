import { Check, Column, Entity, PrimaryGeneratedColumn } from 'typeorm';

/** A firm of technicians. Every other row belongs to one. */
@Entity('firms')
@Check('firms_name', `name <> ''`)
export class Firm {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'firms_pkey' })
  id!: string;

  @Column('text')
  name!: string;
}
