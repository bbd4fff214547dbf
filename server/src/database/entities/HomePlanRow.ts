import type { HomePlanRecord } from '@taxikine/core';
import { Entity } from 'typeorm';
import {
  InstantColumn,
  JsonColumn,
  MaybeInstantColumn,
  TextColumn,
  VisitRow,
  WholeColumn,
} from '../columns';

@Entity('home_plan')
export class HomePlanRow extends VisitRow implements HomePlanRecord {
  @TextColumn() pattern!: HomePlanRecord['pattern'];
  @TextColumn() approach!: HomePlanRecord['approach'];
  @TextColumn() startsOn!: string;
  @WholeColumn() weeks!: number;
  @TextColumn() timeZone!: string;
  @WholeColumn() minutes!: number;
  @JsonColumn() days!: HomePlanRecord['days'];
  @JsonColumn() moments!: HomePlanRecord['moments'];
  @JsonColumn() trainings!: HomePlanRecord['trainings'];
  @JsonColumn() kit!: HomePlanRecord['kit'];
  @JsonColumn() flags!: HomePlanRecord['flags'];
  @JsonColumn() drills!: HomePlanRecord['drills'];
  @JsonColumn() wish!: HomePlanRecord['wish'];
  @TextColumn() note!: string;
  @JsonColumn() answers!: HomePlanRecord['answers'];
  @InstantColumn() madeOn!: string;
  @MaybeInstantColumn() endedOn!: string | null;
}
