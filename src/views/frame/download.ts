/** Browsers need the address a moment longer than the click. */
const KEEP_ADDRESS_MS = 10_000;

/** Saves it as a file on the teacher's machine; nothing leaves for anywhere else. */
export function download(name: string, content: string | Blob, type: string): void {
  const address = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), KEEP_ADDRESS_MS);
}
