/** The same in every language. */
export const PRODUCT = 'Gruppetto';
