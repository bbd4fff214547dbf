import type { HomeEntry } from '@taxikine/core';
import { Entity } from 'typeorm';
import { IdColumn, InstantColumn, JsonColumn, KeyColumn } from '../columns';

/** What a client said from home, as it was sent. Added, never changed. */
@Entity('home_entry')
export class HomeEntryRow {
  @KeyColumn() practiceId!: string;
  @KeyColumn() id!: string;
  @IdColumn() clientId!: string;
  @IdColumn() planId!: string;
  @InstantColumn() said!: string;
  @JsonColumn() entry!: HomeEntry;
}
