import type { OwnDrillRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import { JsonColumn, PracticeRow, TextColumn, YesNoColumn } from '../columns';

@Entity('own_drill')
export class OwnDrillRow extends PracticeRow implements OwnDrillRecord {
  @TextColumn() name!: string;
  @TextColumn() family!: OwnDrillRecord['family'];
  @JsonColumn() patterns!: OwnDrillRecord['patterns'];
  @JsonColumn() targets!: OwnDrillRecord['targets'];
  @YesNoColumn() oneSided!: boolean;
  @JsonColumn() dose!: OwnDrillRecord['dose'];
  @JsonColumn() kit!: OwnDrillRecord['kit'];
  @TextColumn() position!: OwnDrillRecord['position'];
  @TextColumn() breath!: OwnDrillRecord['breath'];
  @TextColumn() how!: string;
  @TextColumn() feel!: string;
  @TextColumn() stopIf!: string;
  @TextColumn() easier!: string;
  @TextColumn() harder!: string;
  @JsonColumn() excludedBy!: OwnDrillRecord['excludedBy'];
  @JsonColumn() poses!: OwnDrillRecord['poses'];
  @YesNoColumn() removed!: boolean;
}
