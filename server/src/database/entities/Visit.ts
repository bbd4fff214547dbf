import type { VisitRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import {
  IdColumn,
  InstantColumn,
  JsonColumn,
  MaybeInstantColumn,
  MaybeJsonColumn,
  NumberColumn,
  PracticeRow,
  TextColumn,
} from '../columns';

@Entity('visit')
export class Visit extends PracticeRow implements VisitRecord {
  @IdColumn() clientId!: string;
  @TextColumn() pattern!: VisitRecord['pattern'];
  @InstantColumn() openedOn!: string;
  @MaybeInstantColumn() closedOn!: string | null;
  @TextColumn() step!: VisitRecord['step'];
  @JsonColumn() asks!: VisitRecord['asks'];
  @NumberColumn() minutes!: number;
  @TextColumn() next!: VisitRecord['next'];
  @JsonColumn() kit!: VisitRecord['kit'];
  @JsonColumn() wish!: VisitRecord['wish'];
  @JsonColumn() opinions!: VisitRecord['opinions'];
  @MaybeJsonColumn() traced!: VisitRecord['traced'];
  @MaybeJsonColumn() extra!: VisitRecord['extra'];
}
