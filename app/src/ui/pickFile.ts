/**
 * A file somebody chooses; null where they chose none. On the web a file is chosen by a field nobody sees.
 *
 * @param accept what is offered, as a file field says it
 */
export function pickFile(accept: string): Promise<File | null> {
  return new Promise((resolve) => {
    const field = document.createElement('input');
    field.type = 'file';
    field.accept = accept;
    field.addEventListener('change', () => resolve(field.files?.[0] ?? null));
    field.addEventListener('cancel', () => resolve(null));
    field.click();
  });
}
