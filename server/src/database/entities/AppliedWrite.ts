import { Entity, PrimaryColumn } from 'typeorm';
import { IdColumn, TextColumn } from '../columns';

/** One row for every write that was carried out: the same write sent again changes nothing. */
@Entity('applied_write')
export class AppliedWrite {
  @PrimaryColumn({ type: 'uuid' }) writeId!: string;
  @IdColumn() practiceId!: string;
  @TextColumn() kind!: string;
  @IdColumn() recordId!: string;
}
