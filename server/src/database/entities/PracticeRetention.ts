import type { CheckRetention } from '@taxikine/core';
import { Entity } from 'typeorm';
import { InstantColumn, JsonColumn, KeyColumn } from '../columns';

/** The same over all clients of a practice. */
@Entity('practice_retention')
export class PracticeRetention {
  @KeyColumn() practiceId!: string;
  @JsonColumn() checks!: CheckRetention[];
  @InstantColumn() madeOn!: string;
}
