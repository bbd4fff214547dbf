/**
 * A PostgreSQL cluster of our own on loopback: made if it is not there, started if it is not
 * running, on the next free port if the wanted one is taken. Several may use one at once.
 *
 * @returns where it is, and `stop`, which ends it when nobody else uses it any more
 */
export function startCluster({
  bin,
  home: wanted,
  wantedPort,
  safe,
}: {
  bin: any;
  home: any;
  wantedPort: any;
  safe?: boolean | undefined;
}): Promise<{
  port: any;
  password: any;
  adminUrl: string;
  stop: () => Promise<any>;
}>;
