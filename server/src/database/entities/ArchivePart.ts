import { Column, Entity, PrimaryColumn } from 'typeorm';
import { IdColumn } from '../columns';

/** Some of the bytes of an archive, in their order; goes with it. */
@Entity('archive_part')
export class ArchivePart {
  @PrimaryColumn({ type: 'uuid' }) archiveId!: string;
  @PrimaryColumn({ type: 'integer' }) place!: number;
  @IdColumn() practiceId!: string;
  @Column({ type: 'bytea' }) bytes!: Buffer;
}
