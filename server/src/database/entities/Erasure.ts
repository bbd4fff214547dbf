import { Entity } from 'typeorm';
import { IdColumn, InstantColumn, JsonColumn, KeyColumn } from '../columns';

/** That a client was erased: when, by whom, how much. Names nobody. */
@Entity('erasure')
export class Erasure {
  @KeyColumn() practiceId!: string;
  @KeyColumn() id!: string;
  @IdColumn() clientId!: string;
  @IdColumn() erasedBy!: string;
  @InstantColumn() erasedOn!: string;
  @JsonColumn() counts!: Readonly<Record<string, number>>;
}
