import qrcode from 'qrcode-generator';

/** A code as rows of dark (true) and light modules; null where the text is more than a code holds. */
export function codeOf(text: string): readonly (readonly boolean[])[] | null {
  // Byte mode of ISO/IEC 18004 with text in UTF-8, as phones read it.
  qrcode.stringToBytes = utf8;
  const code = qrcode(0, 'L');
  try {
    code.addData(text);
    code.make();
  } catch {
    return null;
  }
  const size = code.getModuleCount();
  return Array.from({ length: size }, (_, row) =>
    Array.from({ length: size }, (__, column) => code.isDark(row, column)),
  );
}

function utf8(text: string): number[] {
  return [...new TextEncoder().encode(text)];
}
