/** Small letters without marks, so that typing "anahera" finds Ānahera. */
export function plainText(text: string, language: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLocaleLowerCase(language).trim();
}
