import { Column, Entity, PrimaryColumn } from 'typeorm';
import { KeyColumn } from '../columns';

/** Some of the bytes of an archive that is put back; they go when it is over. */
@Entity('restore_part')
export class RestorePart {
  @KeyColumn() practiceId!: string;
  @KeyColumn() restoreId!: string;
  /** Place of its first byte in the archive. */
  @PrimaryColumn({ type: 'integer' }) startsAt!: number;
  @Column({ type: 'bytea' }) bytes!: Buffer;
}
