/** A link to write to an address: all that could end it is escaped, and its @ stays (RFC 6068). */
export function mailto(address: string): string {
  return `mailto:${encodeURIComponent(address).replaceAll('%40', '@')}`;
}
