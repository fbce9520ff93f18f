/** Puts plain text on the clipboard; rejects where the browser refuses. */
export function copyText(text: string): Promise<void> {
  return navigator.clipboard.writeText(text);
}

/** Puts a table on the clipboard, for documents as HTML and for spreadsheets as cells between tabs. */
export function copyTable(html: string, tabbed: string): Promise<void> {
  const item = new ClipboardItem({
    'text/html': new Blob([html], { type: 'text/html' }),
    'text/plain': new Blob([tabbed], { type: 'text/plain' }),
  });
  return navigator.clipboard.write([item]);
}
