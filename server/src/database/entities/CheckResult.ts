import type { CheckRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import {
  InstantColumn,
  JsonColumn,
  MaybeIdColumn,
  MaybeJsonColumn,
  MaybeNumberColumn,
  MaybeTextColumn,
  MaybeYesNoColumn,
  TextColumn,
  VisitRow,
  YesNoColumn,
} from '../columns';

@Entity('check_result')
export class CheckResult extends VisitRow implements CheckRecord {
  @TextColumn() role!: CheckRecord['role'];
  @MaybeIdColumn() afterDrill!: CheckRecord['afterDrill'];
  @TextColumn() check!: CheckRecord['check'];
  @MaybeTextColumn() side!: CheckRecord['side'];
  @MaybeNumberColumn() passive!: number | null;
  @MaybeNumberColumn() active!: number | null;
  /** A number or, for a held position, a word: so JSON. */
  @MaybeJsonColumn() braced!: CheckRecord['braced'];
  @MaybeTextColumn() result!: string | null;
  @MaybeTextColumn() felt!: CheckRecord['felt'];
  @MaybeYesNoColumn() pinch!: boolean | null;
  @JsonColumn() repeats!: CheckRecord['repeats'];
  @JsonColumn() cheats!: CheckRecord['cheats'];
  @YesNoColumn() held!: boolean;
  @MaybeJsonColumn() pain!: CheckRecord['pain'];
  @MaybeTextColumn() device!: CheckRecord['device'];
  @InstantColumn() doneOn!: string;
  @YesNoColumn() removed!: boolean;
}
