/** A file somebody chooses, as text; null where they chose none. On the web a file is chosen by a field nobody sees. */
export function pickTextFile(): Promise<{ readonly name: string; readonly text: string } | null> {
  return new Promise((resolve) => {
    const field = document.createElement('input');
    field.type = 'file';
    field.accept = '.csv,.txt,.tsv,text/csv,text/plain';
    field.addEventListener('change', () => {
      const [file] = Array.from(field.files ?? []);
      if (!file) return resolve(null);
      void file.text().then((text) => resolve({ name: file.name, text }));
    });
    field.addEventListener('cancel', () => resolve(null));
    field.click();
  });
}
