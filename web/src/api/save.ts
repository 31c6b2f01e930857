/** Long enough for any browser to have begun. */
const KEPT_MS = 10_000;

/** Saves what the server made as a file. */
export function save(content: Blob, name: string) {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  window.setTimeout(() => URL.revokeObjectURL(link.href), KEPT_MS);
}
