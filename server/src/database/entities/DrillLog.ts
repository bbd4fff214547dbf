import type { DrillRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import {
  JsonColumn,
  MaybeInstantColumn,
  MaybeJsonColumn,
  MaybeTextColumn,
  MaybeWholeColumn,
  TextColumn,
  VisitRow,
  WholeColumn,
  YesNoColumn,
} from '../columns';

@Entity('drill_log')
export class DrillLog extends VisitRow implements DrillRecord {
  @TextColumn() drill!: string;
  @MaybeJsonColumn() own!: DrillRecord['own'];
  @MaybeTextColumn() side!: DrillRecord['side'];
  @JsonColumn() targets!: string[];
  @WholeColumn() place!: number;
  @JsonColumn() dose!: DrillRecord['dose'];
  @TextColumn() form!: DrillRecord['form'];
  @MaybeJsonColumn() rung!: DrillRecord['rung'];
  @TextColumn() status!: DrillRecord['status'];
  @JsonColumn() clock!: DrillRecord['clock'];
  @JsonColumn() log!: DrillRecord['log'];
  @MaybeTextColumn() keep!: DrillRecord['keep'];
  @MaybeWholeColumn() pain!: number | null;
  @MaybeInstantColumn() painOn!: string | null;
  @MaybeInstantColumn() doneOn!: string | null;
  @YesNoColumn() removed!: boolean;
}
