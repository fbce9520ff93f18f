import type { picturesEn } from '../en/pictures';

/** Una imagen propia dentro de un registro. */
export const picturesEs: typeof picturesEn = {
  add: 'Añadir una imagen',
  another: 'Otra imagen',
  remove: 'Quitar la imagen',
  shows: 'Qué muestra la imagen',
  bad: (file: string) =>
    `No se ha podido leer ${file} como imagen. No se ha cambiado nada; pruebe con un PNG o JPEG.`,
};
