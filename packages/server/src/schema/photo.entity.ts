import type { PhotoFacts, Picture } from '@water-clock/core/photos';
import {
  Check,
  Column,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  PrimaryGeneratedColumn,
  Unique,
  type Relation,
} from 'typeorm';
import { Job } from './job.entity.js';
import { Timer } from './timer.entity.js';
import { StoredVisit } from './visit.entity.js';

/** What is known of a photo; its picture lies apart. */
@Entity('photos')
@Check('photos_media', `media IN ('image/jpeg', 'image/webp')`)
@Check(
  'photos_size',
  'width BETWEEN 1 AND 1600 AND height BETWEEN 1 AND 1600 AND bytes BETWEEN 1 AND 460800',
)
@Check('photos_version', 'version > 0')
@Unique('photos_of_firm', ['id', 'firmId'])
@Index('photos_by_timer', ['timerId', 'takenAt'])
@Index('photos_by_firm', ['firmId', 'bytes'])
@Index('photos_by_visit', ['visitId'])
@Index('photos_by_job', ['jobId'])
export class Photo {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'photos_pkey' })
  id!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @Column('uuid', { name: 'timer_id' })
  timerId!: string;

  @ManyToOne(() => Timer, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'firm_id', referencedColumnName: 'firmId', foreignKeyConstraintName: 'photos_timer' },
    { name: 'timer_id', referencedColumnName: 'id', foreignKeyConstraintName: 'photos_timer' },
  ])
  timer!: Relation<Timer>;

  /** The visit on which it was taken. */
  @Column('uuid', { name: 'visit_id', nullable: true })
  visitId!: string | null;

  @ManyToOne(() => StoredVisit, { nullable: true, onDelete: 'SET NULL' })
  @JoinColumn({ name: 'visit_id', foreignKeyConstraintName: 'photos_visit' })
  visit!: Relation<StoredVisit> | null;

  @Column('uuid', { name: 'job_id', nullable: true })
  jobId!: string | null;

  @ManyToOne(() => Job, { nullable: true, onDelete: 'SET NULL' })
  @JoinColumn({ name: 'job_id', foreignKeyConstraintName: 'photos_job' })
  job!: Relation<Job> | null;

  /** The reading that it belongs to, by the id that it is saved under: it may be saved later, or never. */
  @Column('uuid', { name: 'copy_id', nullable: true })
  copyId!: string | null;

  @Column('timestamptz', { name: 'taken_at' })
  takenAt!: Date;

  @Column('text', { name: 'person_name', default: '' })
  personName!: string;

  @Column('text')
  media!: Picture['media'];

  /** In pixels. */
  @Column('integer')
  width!: number;

  @Column('integer')
  height!: number;

  /** Of the picture and the small one together. */
  @Column('integer')
  bytes!: number;

  @Column('jsonb')
  document!: PhotoFacts;

  @Column('integer', { default: 1 })
  version!: number;
}

/** The picture of a photo, and the small one that stands for it in lists. */
@Entity('photo_files')
@Check('photo_files_media', `small_media IN ('image/jpeg', 'image/webp')`)
export class PhotoFile {
  @PrimaryColumn('uuid', { name: 'photo_id', primaryKeyConstraintName: 'photo_files_pkey' })
  photoId!: string;

  @Column('uuid', { name: 'firm_id' })
  firmId!: string;

  @ManyToOne(() => Photo, { nullable: false, onDelete: 'CASCADE' })
  @JoinColumn([
    {
      name: 'photo_id',
      referencedColumnName: 'id',
      foreignKeyConstraintName: 'photo_files_photo',
    },
    {
      name: 'firm_id',
      referencedColumnName: 'firmId',
      foreignKeyConstraintName: 'photo_files_photo',
    },
  ])
  photo!: Relation<Photo>;

  @Column('bytea')
  picture!: Buffer;

  @Column('bytea')
  small!: Buffer;

  @Column('text', { name: 'small_media' })
  smallMedia!: Picture['media'];
}
