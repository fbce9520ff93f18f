/** Whether this is the demo, as the document says. */
export function isDemo(): boolean {
  return document.documentElement.dataset.demo === 'true';
}
