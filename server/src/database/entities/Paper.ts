import { Column, Entity } from 'typeorm';
import { IdColumn, InstantColumn, KeyColumn, TextColumn } from '../columns';

/** A PDF that the worker made, until it is fetched; of the same content there is one. */
@Entity('paper')
export class Paper {
  @KeyColumn() practiceId!: string;
  @KeyColumn() id!: string;
  @IdColumn() clientId!: string;
  @TextColumn() fingerprint!: string;
  @Column({ type: 'bytea' }) bytes!: Buffer;
  @InstantColumn() madeOn!: string;
}
