import { shelf } from './en/shelf';

/** The words of the shelf of classes; loaded with it. */
export type ShelfCatalogue = typeof shelf;

export const sayShelf: ShelfCatalogue = shelf;
