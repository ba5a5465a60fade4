/** Hands a text to the person as a file. */
export const downloadText = (name: string, text: string, type = 'application/json'): void =>
  downloadBlob(name, new Blob([text], { type }));

/** Hands bytes to the person as a file. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** A name for a file, from words: "plum-cottage-garage-timer". */
export const fileNameOf = (...words: readonly string[]): string =>
  words
    .join(' ')
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '') || 'water-clock';
