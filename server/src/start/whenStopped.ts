/**
 * Runs `end` at the first signal to stop, or when the command that started the process is gone, and
 * leaves when it is through or its time is over. Ctrl-C reaches a process twice: from the terminal, and
 * from that command.
 */
export function whenStopped(end: () => Promise<void>, withinMs: number): void {
  let stopping = false;
  const stop = () => {
    if (stopping) return;
    stopping = true;
    setTimeout(() => process.exit(0), withinMs).unref();
    void end().then(() => process.exit(0));
  };
  process.on('SIGTERM', stop);
  process.on('SIGINT', stop);
  process.on('disconnect', stop);
  // It went while this process was starting.
  if (process.send && !process.connected) stop();
}
