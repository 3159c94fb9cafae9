/** Hands a file over to whoever asked for it, under a name. */
export function save(file: Blob, name: string): void {
  const address = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // The browser reads it after the click.
  setTimeout(() => URL.revokeObjectURL(address), KEPT_MS);
}
const KEPT_MS = 60_000;

/** A name a file may have anywhere: letters, figures, and what holds them together. */
export const fileName = (title: string, kind: 'pdf' | 'png'): string =>
  `${
    title
      .normalize('NFC')
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-+|-+$/g, '')
      .toLowerCase() || 'omtel'
  }.${kind}`;
