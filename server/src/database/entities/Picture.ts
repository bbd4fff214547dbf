import type { PictureRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import {
  InstantColumn,
  JsonColumn,
  MaybeJsonColumn,
  TextColumn,
  VisitRow,
  WholeColumn,
  YesNoColumn,
} from '../columns';

@Entity('picture')
export class Picture extends VisitRow implements PictureRecord {
  @TextColumn() role!: PictureRecord['role'];
  @TextColumn() view!: PictureRecord['view'];
  @TextColumn() phase!: PictureRecord['phase'];
  @WholeColumn() width!: number;
  @WholeColumn() height!: number;
  @JsonColumn() marks!: PictureRecord['marks'];
  @MaybeJsonColumn() plumb!: PictureRecord['plumb'];
  @MaybeJsonColumn() scale!: PictureRecord['scale'];
  @WholeColumn() imageWrites!: number;
  @YesNoColumn() kept!: boolean;
  @InstantColumn() takenOn!: string;
  @YesNoColumn() removed!: boolean;
}
