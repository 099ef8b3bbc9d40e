/**
 * Hands a text to the browser as a file; nothing is sent anywhere.
 *
 * @param type its media type, `text/csv` or the like
 */
export const saveFile = (name: string, text: string, type: string): void =>
  saveBlob(name, new Blob([text], { type }));

/** The same for bytes. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
