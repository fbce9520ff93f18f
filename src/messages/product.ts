/** The same in every language. */
export const PRODUCT = 'Gruppetto';

/** Said where nothing of a page could be shown, its words neither: English alone. */
export const UNSHOWN = {
  told: 'This page could not be shown. All that was written is kept.',
  again: 'Load again',
};
