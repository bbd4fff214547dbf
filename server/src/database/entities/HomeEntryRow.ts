import type { HomeEntry } from '@taxikine/core';
import { Entity, PrimaryColumn } from 'typeorm';
import { IdColumn, InstantColumn, JsonColumn } from '../columns';

/** What a client said from home, as it was sent. Added, never changed. */
@Entity('home_entry')
export class HomeEntryRow {
  @PrimaryColumn({ type: 'uuid' }) id!: string;
  @IdColumn() practiceId!: string;
  @IdColumn() clientId!: string;
  @IdColumn() planId!: string;
  @InstantColumn() said!: string;
  @JsonColumn() entry!: HomeEntry;
}
