import type { Why } from '../../services/types';

const ended: Readonly<Record<Extract<Why, { code: 'gone' }>['reason'], string>> = {
  silent:
    'El servicio no responde. Compruebe si hay red y si la dirección es correcta, e inténtelo otra vez.',
  failing: 'El servicio falla una y otra vez. Inténtelo más tarde; lo que llegó se queda allí.',
  busy: 'El servicio pide más de un minuto de paciencia. Inténtelo más tarde.',
  stopped:
    'Se ha detenido. Lo que había llegado hasta entonces se queda allí; envíe otra vez para el resto.',
  token: 'El servicio no acepta la clave. Pida una nueva.',
};

/** What hand-offs to services say. */
export const services = {
  ended,
  why: (why: Why): string => {
    switch (why.code) {
      case 'noAddress':
        return 'No hay dirección.';
      case 'badAddress':
        return `La dirección «${why.about}» no está completa.`;
      case 'addressElsewhere':
        return `Alguien de ${why.about} tiene la misma dirección, y nadie puede estar en dos salas.`;
      case 'unknownUser':
        return 'El servicio no conoce a nadie con esta dirección.';
      case 'severalUsers':
        return 'El servicio conoce a más de una persona con esta dirección.';
      case 'notThere':
        return 'El servicio dijo que sí, pero no están allí.';
      case 'refused':
        return why.detail === '' ? 'El servicio lo rechazó sin dar motivo.' : why.detail;
      case 'gone':
        return ended[why.reason];
    }
  },
};
