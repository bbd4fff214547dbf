import { Column, PrimaryColumn } from 'typeorm';

/** Instants cross the wire as ISO strings and live in the database as timestamptz. */
const asIso = {
  from: (value: Date | null) => (value ? value.toISOString() : null),
  to: (value: string | null) => value,
};

export const InstantColumn = () => Column({ type: 'timestamptz', transformer: asIso });
export const MaybeInstantColumn = () =>
  Column({ type: 'timestamptz', nullable: true, transformer: asIso });
export const TextColumn = () => Column({ type: 'text' });
export const MaybeTextColumn = () => Column({ type: 'text', nullable: true });
export const NumberColumn = () => Column({ type: 'double precision' });
export const MaybeNumberColumn = () => Column({ type: 'double precision', nullable: true });
export const WholeColumn = () => Column({ type: 'integer' });
export const MaybeWholeColumn = () => Column({ type: 'integer', nullable: true });
export const YesNoColumn = () => Column({ type: 'boolean' });
export const MaybeYesNoColumn = () => Column({ type: 'boolean', nullable: true });
export const IdColumn = () => Column({ type: 'uuid' });
export const MaybeIdColumn = () => Column({ type: 'uuid', nullable: true });

/** Lists and nested facts that are always read and written whole. */
export const JsonColumn = () => Column({ type: 'jsonb' });
export const MaybeJsonColumn = () => Column({ type: 'jsonb', nullable: true });

/** A part of what names a row: the practice always, and what names it there. */
export const KeyColumn = () => PrimaryColumn({ type: 'uuid' });

/** What every record of a practice carries. */
export abstract class PracticeRow {
  @KeyColumn() practiceId!: string;
  @KeyColumn() id!: string;
  @WholeColumn() version!: number;
}

/** A record that was made in a visit of a client. */
export abstract class VisitRow extends PracticeRow {
  @IdColumn() clientId!: string;
  @IdColumn() visitId!: string;
}
