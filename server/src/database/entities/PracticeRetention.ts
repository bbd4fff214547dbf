import type { CheckRetention } from '@taxikine/core';
import { Entity, PrimaryColumn } from 'typeorm';
import { InstantColumn, JsonColumn } from '../columns';

/** The same over all clients of a practice. */
@Entity('practice_retention')
export class PracticeRetention {
  @PrimaryColumn({ type: 'uuid' }) practiceId!: string;
  @JsonColumn() checks!: CheckRetention[];
  @InstantColumn() madeOn!: string;
}
