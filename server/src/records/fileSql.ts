import { KINDS_IN_FILE } from '@taxikine/core';
import type { DataSource, EntityMetadata } from 'typeorm';
import { HomeEntryRow } from '../database/entities/HomeEntryRow';
import { RESOURCES } from './resources';

/** Instants cross the wire as ISO strings, as `InstantColumn` has them. */
const ISO = `'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'`;

const quoted = (name: string): string => `"${name.replaceAll('"', '""')}"`;

type ColumnMetadata = EntityMetadata['columns'][number];

const valueOf = ({ type, databaseName }: ColumnMetadata): string =>
  type === 'timestamptz'
    ? `to_char(${quoted(databaseName)} AT TIME ZONE 'UTC', ${ISO})`
    : quoted(databaseName);

/** A row as the wire shows it: everything but the practice, which goes without saying. */
const recordOf = ({ columns }: EntityMetadata): string => {
  const pairs = columns
    .filter(({ propertyName }) => propertyName !== 'practiceId')
    .map((column) => `'${column.propertyName}', ${valueOf(column)}`);
  return `json_build_object(${pairs.join(', ')})`;
};

const listOf = (value: string, { tableName }: EntityMetadata, order: string): string =>
  `(SELECT coalesce(json_agg(${value} ORDER BY ${order}), '[]') FROM ${quoted(tableName)} WHERE client_id = $1)`;

/**
 * One statement for everything kept about a client, as one JSON document in a column named `file`; no row
 * when there is no such client. Its only parameter is the client's id. What every entity holds is read from
 * the entities themselves.
 */
export function fileSql(source: DataSource): string {
  const metadataOf = (kind: keyof typeof RESOURCES) => source.getMetadata(RESOURCES[kind].entity);
  const client = metadataOf('clients');
  const parts = KINDS_IN_FILE.map((kind) => {
    const metadata = metadataOf(kind);
    return `'${kind}', ${listOf(recordOf(metadata), metadata, 'id')}`;
  });
  const said = listOf('entry', source.getMetadata(HomeEntryRow), 'said, id');
  return `SELECT json_build_object('client', ${recordOf(client)}, ${parts.join(', ')}, 'homeEntries', ${said}) AS file
FROM ${quoted(client.tableName)} WHERE id = $1`;
}

/**
 * A stamp of everything kept about a client that differs whenever anything of it was written, without
 * reading what it says; null when there is no such client. In a column named `stamp`.
 */
export function stampSql(source: DataSource): string {
  const tables = [...KINDS_IN_FILE.map((kind) => RESOURCES[kind].entity), HomeEntryRow];
  const rows = tables.map(
    (entity) =>
      `SELECT id, xmin FROM ${quoted(source.getMetadata(entity).tableName)} WHERE client_id = $1`,
  );
  const client = `SELECT id, xmin FROM ${quoted(source.getMetadata(RESOURCES.clients.entity).tableName)} WHERE id = $1`;
  return `SELECT md5(string_agg(id::text || xmin::text, ' ' ORDER BY id)) AS stamp FROM (${[client, ...rows].join(' UNION ALL ')}) AS kept
WHERE EXISTS (${client})`;
}
