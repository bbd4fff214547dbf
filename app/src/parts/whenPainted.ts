/** Does something when the next frame is on the glass. Returns what calls it off. */
export function whenPainted(act: () => void): () => void {
  let timer: ReturnType<typeof setTimeout>;
  const frame = requestAnimationFrame(() => (timer = setTimeout(act)));
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}
