import type { LookRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import {
  InstantColumn,
  JsonColumn,
  MaybeJsonColumn,
  MaybeTextColumn,
  TextColumn,
  VisitRow,
} from '../columns';

@Entity('look')
export class Look extends VisitRow implements LookRecord {
  @TextColumn() role!: LookRecord['role'];
  @JsonColumn() setup!: LookRecord['setup'];
  @JsonColumn() faults!: LookRecord['faults'];
  @JsonColumn() clear!: LookRecord['clear'];
  @JsonColumn() pain!: LookRecord['pain'];
  @MaybeTextColumn() rating!: LookRecord['rating'];
  @JsonColumn() reps!: LookRecord['reps'];
  @JsonColumn() notes!: LookRecord['notes'];
  @MaybeJsonColumn() hold!: LookRecord['hold'];
  @JsonColumn() recordings!: LookRecord['recordings'];
  @InstantColumn() startedOn!: string;
}
