/**
 * Lets a part that comes later bring its styles by itself. The router would draw the sheet as a part of the page, and
 * nothing on the page changes until a sheet that is drawn is here: what somebody types in the meantime is lost. The
 * bundler's own way is left, in which only the part waits for its styles; pages that stand alone know no other.
 */
export function letStylesComeBeside(): void {
  Reflect.deleteProperty(globalThis, '_N_E_STYLE_LOAD');
}
