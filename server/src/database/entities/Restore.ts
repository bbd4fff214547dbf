import type { RestoreProblem, RestoreShown } from '@taxikine/core';
import { Entity } from 'typeorm';
import {
  IdColumn,
  InstantColumn,
  JsonColumn,
  KeyColumn,
  MaybeWholeColumn,
  TextColumn,
  WholeColumn,
} from '../columns';

/** An archive that is put back by the worker, client by client, and what became of it. */
@Entity('restore')
export class Restore implements RestoreShown {
  @KeyColumn() practiceId!: string;
  @KeyColumn() id!: string;
  @IdColumn() askedBy!: string;
  @InstantColumn() askedOn!: string;
  /** When bytes of it came, or a worker took it, for the last time. */
  @InstantColumn() touchedOn!: string;
  @TextColumn() state!: RestoreShown['state'];
  @WholeColumn() bytes!: number;
  @MaybeWholeColumn() clients!: number | null;
  @WholeColumn() read!: number;
  @WholeColumn() made!: number;
  @WholeColumn() known!: number;
  @WholeColumn() erased!: number;
  @WholeColumn() erasedAgain!: number;
  @WholeColumn() refused!: number;
  @WholeColumn() closed!: number;
  @JsonColumn() problems!: RestoreProblem[];
}
