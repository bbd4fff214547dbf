import type { KeptGain } from '@taxikine/core';
import { Entity, PrimaryColumn } from 'typeorm';
import { IdColumn, InstantColumn, JsonColumn, WholeColumn } from '../columns';

/** What was left of a client's gains; worked out by the worker when something was measured. */
@Entity('client_retention')
export class ClientRetention {
  @PrimaryColumn({ type: 'uuid' }) id!: string;
  @IdColumn() practiceId!: string;
  @IdColumn() clientId!: string;
  @WholeColumn() shape!: number;
  @JsonColumn() gains!: KeptGain[];
  @InstantColumn() madeOn!: string;
}
