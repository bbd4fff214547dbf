export function startServer({
  port,
  appUrl,
  dist,
  logLevel,
}: {
  port: any;
  appUrl: any;
  dist?: string | undefined;
  logLevel?: string | undefined;
}): Promise<any>;
export function startWorker({
  appUrl,
  publicUrl,
  outbox,
  logLevel,
}: {
  appUrl: any;
  publicUrl: any;
  outbox: any;
  logLevel?: string | undefined;
}): Promise<any>;
