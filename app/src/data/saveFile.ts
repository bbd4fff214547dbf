/** Hands a text, or what was fetched, to the browser as a file to keep. */
export function saveFile(name: string, type: string, content: string | Blob): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
