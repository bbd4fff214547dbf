/** Tells the command that started this process, if there is one and it is still there. */
export function sayReady(word: string): void {
  if (process.connected) process.send!(word);
}
