import type { HouseholdLanguage } from '@water-clock/core/property-file';
import type { SetUpStep } from '@water-clock/core/set-up';
import type { Frost, SupplySource } from '@water-clock/core/settings';
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
import { Firm } from './firm.entity.js';
import { StoredRuleSet } from './rule-set.entity.js';
import { StoredWeather } from './weather.entity.js';

/** A home that the firm looks after. */
@Entity('properties')
@Check('properties_name', `name <> ''`)
@Check('properties_latitude', 'latitude BETWEEN -90 AND 90')
@Check('properties_longitude', 'longitude BETWEEN -180 AND 180')
@Check('properties_version', 'version > 0')
@Check('properties_supply', `supply_source IN ('mains', 'bore', 'tank', 'pond', 'reclaimed')`)
@Check('properties_frost', `frost IN ('none', 'light', 'hard')`)
@Check('properties_supply_lpm', 'supply_lpm >= 0')
@Check('properties_supply_kpa', 'supply_kpa >= 0')
@Check('properties_language', `language IN ('en', 'es')`)
@Check(
  'properties_set_up',
  `set_up_skipped <@ ARRAY['home', 'timer', 'as-found', 'stations', 'supply', 'rules', 'weather', 'plan', 'sheet']`,
)
@Check('properties_water_price', 'water_price >= 0')
@Check('properties_mowing', 'mowing_weekdays <@ ARRAY[1, 2, 3, 4, 5, 6, 7]::smallint[]')
@Unique('properties_of_firm', ['id', 'firmId'])
@Index('properties_by_name', ['firmId', 'name'])
@Index('properties_by_rule_set', ['ruleSetId'])
@Index('properties_by_weather', ['weatherId'])
@Index('properties_by_words', { synchronize: false })
@Index('properties_in_order', { synchronize: false })
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

  @Column('text', { name: 'contact_name', default: '' })
  contactName!: string;

  @Column('text', { name: 'contact_phone', default: '' })
  contactPhone!: string;

  @Column('text', { name: 'contact_email', default: '' })
  contactEmail!: string;

  /** How one gets in. */
  @Column('text', { name: 'gate_notes', default: '' })
  gateNotes!: string;

  /** IANA name. */
  @Column('text', { name: 'time_zone', nullable: true })
  timeZone!: string | null;

  @Column('double precision', { nullable: true })
  latitude!: number | null;

  @Column('double precision', { nullable: true })
  longitude!: number | null;

  @Column('text', { name: 'supply_source', nullable: true })
  supplySource!: SupplySource | null;

  /** How hard it freezes there; null: nobody said. */
  @Column('text', { nullable: true })
  frost!: Frost | null;

  /** Litres a minute that the supply can give. */
  @Column('double precision', { name: 'supply_lpm', nullable: true })
  supplyLpm!: number | null;

  @Column('double precision', { name: 'supply_kpa', nullable: true })
  supplyKpa!: number | null;

  /** Monday = 1. */
  @Column('smallint', { name: 'mowing_weekdays', array: true, default: () => `'{}'` })
  mowingWeekdays!: number[];

  /** The day before each of them is kept dry too. */
  @Column('boolean', { name: 'is_dry_before_mowing', default: false })
  isDryBeforeMowing!: boolean;

  /** What the household reads. */
  @Column('text', { default: 'en' })
  language!: HouseholdLanguage;

  /** Null: nobody knows the rules here. */
  @Column('uuid', { name: 'rule_set_id', nullable: true })
  ruleSetId!: string | null;

  @ManyToOne(() => StoredRuleSet, { nullable: true })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'properties_rule_set',
    },
    {
      name: 'rule_set_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'properties_rule_set',
    },
  ])
  ruleSet!: Relation<StoredRuleSet> | null;

  /** Null: nobody has said which weather holds here. */
  @Column('uuid', { name: 'weather_id', nullable: true })
  weatherId!: string | null;

  @ManyToOne(() => StoredWeather, { nullable: true })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'properties_weather',
    },
    {
      name: 'weather_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'properties_weather',
    },
  ])
  weather!: Relation<StoredWeather> | null;

  /** What a cubic metre costs here, in the firm's currency. */
  @Column('double precision', { name: 'water_price', nullable: true })
  waterPrice!: number | null;

  /** Steps of its setting up that are left out for now; null: nobody is led through it. */
  @Column('text', { name: 'set_up_skipped', array: true, nullable: true })
  setUpSkipped!: SetUpStep[] | null;

  /** Null while it is looked after. */
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;

  /** All words by which it is found, in small letters; the database keeps it. */
  @Column('text', { name: 'search_text', default: '' })
  searchText!: string;

  /** Counts the saves; a save names the one it was made from. */
  @Column('integer', { default: 1 })
  version!: number;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
