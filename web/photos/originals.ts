/** The files that photos were made of, as long as the page is open: a slice is measured on all the pixels there were. */
const MOST = 6;
const files = new Map<string, File>();

export function rememberOriginal(hash: string, file: File): void {
  files.delete(hash);
  files.set(hash, file);
  for (const old of [...files.keys()].slice(0, -MOST)) files.delete(old);
}
export const originalOf = (hash: string): File | null => files.get(hash) ?? null;
