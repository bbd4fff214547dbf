import { Entity, PrimaryColumn } from 'typeorm';
import { IdColumn, InstantColumn, MaybeIdColumn, TextColumn, YesNoColumn } from '../columns';

/** Everything of a client or of the practice, packed by the worker until it is fetched, once. */
@Entity('archive')
export class Archive {
  @PrimaryColumn({ type: 'uuid' }) id!: string;
  @IdColumn() practiceId!: string;
  /** Null: of the whole practice. */
  @MaybeIdColumn() clientId!: string | null;
  @InstantColumn() askedOn!: string;
  @TextColumn() state!: 'making' | 'made' | 'failed';
  /** A request waits for it; another one needs its own. */
  @YesNoColumn() isTaken!: boolean;
}
