import type { Written } from '@/formats/out/wayOut';

/** Puts what was written on the clipboard, plain and rich at once; rejects where the browser refuses. */
export function copy({ plain, html }: NonNullable<Written['clip']>): Promise<void> {
  const item = new ClipboardItem({
    'text/html': new Blob([html], { type: 'text/html' }),
    'text/plain': new Blob([plain], { type: 'text/plain' }),
  });
  return navigator.clipboard.write([item]);
}
