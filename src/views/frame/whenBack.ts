/** Tries again at once when the network is back, or the page is looked at again; returns what ends that. */
export function whenBack(again: () => void): () => void {
  window.addEventListener('online', again);
  document.addEventListener('visibilitychange', again);
  return () => {
    window.removeEventListener('online', again);
    document.removeEventListener('visibilitychange', again);
  };
}
