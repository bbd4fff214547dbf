import { Entity, PrimaryColumn } from 'typeorm';
import { IdColumn, InstantColumn, JsonColumn } from '../columns';

/** That a client was erased: when, by whom, how much. Names nobody. */
@Entity('erasure')
export class Erasure {
  @PrimaryColumn({ type: 'uuid' }) id!: string;
  @IdColumn() practiceId!: string;
  @IdColumn() clientId!: string;
  @IdColumn() erasedBy!: string;
  @InstantColumn() erasedOn!: string;
  @JsonColumn() counts!: Readonly<Record<string, number>>;
}
