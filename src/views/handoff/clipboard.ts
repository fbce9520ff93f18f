import type { Written } from '@/formats/out/outlet';

/** Puts what was written on the clipboard; rejects where the browser refuses. */
export function copy({ plain, html }: Extract<Written, { to: 'clipboard' }>): Promise<void> {
  if (html === null) return navigator.clipboard.writeText(plain);
  const item = new ClipboardItem({
    'text/html': new Blob([html], { type: 'text/html' }),
    'text/plain': new Blob([plain], { type: 'text/plain' }),
  });
  return navigator.clipboard.write([item]);
}
