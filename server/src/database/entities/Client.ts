import type { ClientRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import {
  JsonColumn,
  MaybeJsonColumn,
  MaybeTextColumn,
  NumberColumn,
  PracticeRow,
  TextColumn,
} from '../columns';

@Entity('client')
export class Client extends PracticeRow implements ClientRecord {
  @TextColumn() name!: string;
  @TextColumn() about!: string;
  @NumberColumn() heightM!: number;
  @NumberColumn() massKg!: number;
  @JsonColumn() segments!: ClientRecord['segments'];
  @JsonColumn() flags!: ClientRecord['flags'];
  @JsonColumn() history!: ClientRecord['history'];
  @JsonColumn() given!: ClientRecord['given'];
  @MaybeJsonColumn() consent!: ClientRecord['consent'];
  @JsonColumn() clearances!: ClientRecord['clearances'];
  @JsonColumn() setups!: ClientRecord['setups'];
  @TextColumn() goal!: string;
  @TextColumn() approach!: ClientRecord['approach'];
  @MaybeTextColumn() footwear!: ClientRecord['footwear'];
  @JsonColumn() home!: ClientRecord['home'];
  @MaybeJsonColumn() contact!: ClientRecord['contact'];
  @JsonColumn() norms!: ClientRecord['norms'];
}
