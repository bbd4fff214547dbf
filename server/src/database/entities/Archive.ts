import { Entity } from 'typeorm';
import { InstantColumn, KeyColumn, MaybeIdColumn, TextColumn, YesNoColumn } from '../columns';

/** Everything of a client or of the practice, packed by the worker until it is fetched, once. */
@Entity('archive')
export class Archive {
  @KeyColumn() practiceId!: string;
  @KeyColumn() id!: string;
  /** Null: of the whole practice. */
  @MaybeIdColumn() clientId!: string | null;
  @InstantColumn() askedOn!: string;
  @TextColumn() state!: 'making' | 'made' | 'failed';
  /** A request waits for it; another one needs its own. */
  @YesNoColumn() isTaken!: boolean;
}
