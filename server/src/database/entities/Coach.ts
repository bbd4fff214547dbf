import { Entity, PrimaryColumn } from 'typeorm';
import type { Role } from '@taxikine/core';
import { IdColumn, MaybeInstantColumn, MaybeTextColumn, TextColumn } from '../columns';

@Entity('coach')
export class Coach {
  @PrimaryColumn({ type: 'uuid' }) id!: string;
  @IdColumn() practiceId!: string;
  @TextColumn() name!: string;
  @TextColumn() email!: string;
  /** Null until a password was chosen. No request reads it. */
  @MaybeTextColumn() passwordHash!: string | null;
  @TextColumn() role!: Role;
  @MaybeInstantColumn() endedOn!: string | null;
}
