import { Column, Entity, PrimaryColumn } from 'typeorm';
import { KeyColumn } from '../columns';

/** Some of the bytes of an archive, in their order; goes with it. */
@Entity('archive_part')
export class ArchivePart {
  @KeyColumn() practiceId!: string;
  @KeyColumn() archiveId!: string;
  @PrimaryColumn({ type: 'integer' }) place!: number;
  @Column({ type: 'bytea' }) bytes!: Buffer;
}
