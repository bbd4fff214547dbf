import type { KeptGain } from '@taxikine/core';
import { Entity } from 'typeorm';
import { IdColumn, InstantColumn, JsonColumn, KeyColumn, WholeColumn } from '../columns';

/** What was left of a client's gains; worked out by the worker when something was measured. */
@Entity('client_retention')
export class ClientRetention {
  @KeyColumn() practiceId!: string;
  @KeyColumn() id!: string;
  @IdColumn() clientId!: string;
  @WholeColumn() shape!: number;
  @JsonColumn() gains!: KeptGain[];
  @InstantColumn() madeOn!: string;
}
