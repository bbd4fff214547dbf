import { Entity } from 'typeorm';
import { IdColumn, KeyColumn, TextColumn } from '../columns';

/** One row for every write that was carried out: the same write sent again changes nothing. */
@Entity('applied_write')
export class AppliedWrite {
  @KeyColumn() practiceId!: string;
  @KeyColumn() writeId!: string;
  @TextColumn() kind!: string;
  @IdColumn() recordId!: string;
}
