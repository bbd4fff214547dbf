import { Entity } from 'typeorm';
import type { Role } from '@taxikine/core';
import { KeyColumn, MaybeInstantColumn, MaybeTextColumn, TextColumn } from '../columns';

@Entity('coach')
export class Coach {
  @KeyColumn() practiceId!: string;
  @KeyColumn() id!: string;
  @TextColumn() name!: string;
  @TextColumn() email!: string;
  /** Null until a password was chosen. No request reads it. */
  @MaybeTextColumn() passwordHash!: string | null;
  @TextColumn() role!: Role;
  @MaybeInstantColumn() endedOn!: string | null;
}
