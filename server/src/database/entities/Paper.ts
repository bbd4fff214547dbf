import { Column, Entity, PrimaryColumn } from 'typeorm';
import { IdColumn, InstantColumn, TextColumn } from '../columns';

/** A PDF that the worker made, until it is fetched; of the same content there is one. */
@Entity('paper')
export class Paper {
  @PrimaryColumn({ type: 'uuid' }) id!: string;
  @IdColumn() practiceId!: string;
  @IdColumn() clientId!: string;
  @TextColumn() fingerprint!: string;
  @Column({ type: 'bytea' }) bytes!: Buffer;
  @InstantColumn() madeOn!: string;
}
