import { DefaultNamingStrategy } from 'typeorm';

const snake = (name: string): string =>
  name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

/** Columns in PostgreSQL's own spelling: `clientId` is `client_id`. */
export class SnakeNames extends DefaultNamingStrategy {
  override columnName(property: string, custom: string, prefixes: string[]): string {
    return snake([...prefixes, custom || property].join('_'));
  }
}
