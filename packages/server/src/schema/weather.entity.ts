import type { WeatherFile } from '@water-clock/core/weather';
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

/** The weather of a district, or of one home. */
@Entity('weather')
@Check('weather_format', `document ->> 'format' = 'waterclock.weather/1'`)
@Check('weather_version', 'version > 0')
@Unique('weather_of_firm', ['id', 'firmId'])
export class StoredWeather {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'weather_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Firm, { nullable: false })
  @JoinColumn({ name: 'firm_id', foreignKeyConstraintName: 'weather_firm' })
  firm!: Relation<Firm>;

  @Column('jsonb')
  document!: WeatherFile;

  /** Counts the saves; a save names the one it was made from. */
  @Column('integer', { default: 1 })
  version!: number;
}
