import type { Sheet } from '@water-clock/core/sheets';
import {
  Check,
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  OneToMany,
  PrimaryColumn,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { Photo } from './photo.entity.js';
import { Timer } from './timer.entity.js';

/** A sheet for the door as it was left once. */
@Entity('sheets')
@Check('sheets_format', `document ->> 'format' = 'waterclock.sheet/1'`)
@Unique('sheets_of_firm', ['id', 'firmId'])
@Index('sheets_by_timer', ['timerId', 'madeAt'])
export class StoredSheet {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'sheets_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'timer_id' })
  timerId!: string;

  @ManyToOne(() => Timer, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'sheets_timer' },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'sheets_timer' },
  ])
  timer!: Relation<Timer>;

  @CreateDateColumn({ name: 'made_at', type: 'timestamptz' })
  madeAt!: Date;

  @Column('text', { name: 'person_name', default: '' })
  personName!: string;

  @Column('jsonb')
  document!: Sheet;

  @OneToMany(() => ShareLink, (link) => link.sheet)
  links!: Relation<ShareLink[]>;
}

/** A way to one sheet for whoever has the link. Only a hash of its token is kept. */
@Entity('share_links')
@Check('share_links_expiry', 'expires_at > made_at')
@Unique('share_links_token', ['tokenHash'])
@Index('share_links_by_sheet', ['sheetId'])
export class ShareLink {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'share_links_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'sheet_id' })
  sheetId!: string;

  @ManyToOne(() => StoredSheet, (sheet) => sheet.links, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'share_links_sheet',
    },
    { name: 'sheet_id', referencedColumnName: 'id', foreignKeyConstraintName: 'share_links_sheet' },
  ])
  sheet!: Relation<StoredSheet>;

  @Column('text', { name: 'token_hash' })
  tokenHash!: string;

  @CreateDateColumn({ name: 'made_at', type: 'timestamptz' })
  madeAt!: Date;

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt!: Date;

  @Column('text', { name: 'made_by', default: '' })
  madeBy!: string;

  /** How often somebody came by it. */
  @Column('integer', { default: 0 })
  opened!: number;

  @Column('timestamptz', { name: 'last_opened_at', nullable: true })
  lastOpenedAt!: Date | null;

  /** Null while it leads somewhere, as far as anybody's will goes. */
  @Column('timestamptz', { name: 'withdrawn_at', nullable: true })
  withdrawnAt!: Date | null;

  @Column('text', { name: 'withdrawn_by', default: '' })
  withdrawnBy!: string;

  @OneToMany(() => ShareLinkPhoto, (chosen) => chosen.link)
  photos?: Relation<ShareLinkPhoto[]>;
}

/** A photo that was chosen for a link. */
@Entity('share_link_photos')
@Index('share_link_photos_by_photo', ['photoId'])
export class ShareLinkPhoto {
  @PrimaryColumn('uuid', { name: 'link_id', primaryKeyConstraintName: 'share_link_photos_pkey' })
  linkId!: string;

  @ManyToOne(() => ShareLink, (link) => link.photos, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn({ name: 'link_id', foreignKeyConstraintName: 'share_link_photos_link' })
  link!: Relation<ShareLink>;

  @PrimaryColumn('uuid', { name: 'photo_id', primaryKeyConstraintName: 'share_link_photos_pkey' })
  photoId!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Photo, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'photo_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'share_link_photos_photo',
    },
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'share_link_photos_photo',
    },
  ])
  photo!: Relation<Photo>;

  @Column('integer')
  place!: number;
}
