/** A picture that is read on a screen or a page. */
const LONGEST_PX = 1280;
const QUALITY = 0.8;
const MOST_BYTES = 20 * 1024 * 1024;

/** The picture of a file, its longer side at most so many pixels, to be kept in a record, as a data URL; null where it is none. */
export async function pictureFrom(
  file: File,
  longestPx: number = LONGEST_PX,
): Promise<string | null> {
  if (file.size > MOST_BYTES) return null;
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap) return null;
  const scale = Math.min(1, longestPx / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  const context = canvas.getContext('2d');
  if (!context) return null;
  // What is see-through stands on paper.
  context.fillStyle = '#fff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.toDataURL('image/jpeg', QUALITY);
}
