import { fold } from '../../core/explain';

/** A file name of a title: letters, figures and hyphens. */
export const fileName = (title: string, ending: string): string =>
  `${
    fold(title)
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'formula'
  }.${ending}`;

/** Saves a text as a file on the baker's machine. */
export function saveFile(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser reads it after the press.
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}
