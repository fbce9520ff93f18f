import type { ChoiceRefusal } from '../../services/seats/contract';
import { clockTime, count, listNames, wordFor } from './words';

/** What students read where they choose; the teacher's side has words of its own. */
export const choosing = {
  page: 'Elige tu grupo',
  wait: 'Un momento…',
  none: 'Aquí no hay nada que elegir. Mira otra vez la dirección de tu papeleta: quizá haya una errata, o ya no se puede elegir.',
  silent: 'Ahora no responde nada. Se vuelve a intentar solo; deja esta página abierta.',
  who: '¿Quién eres?',
  find: 'Busca tu nombre',
  nobody: 'Aquí nadie se llama así.',
  notMe: 'No es mi nombre',
  pin: 'El PIN de tu papeleta',
  enter: 'Entrar',
  wrong: 'Ese PIN no corresponde a este nombre. Mira otra vez tu papeleta.',
  locked: (seconds: number) =>
    `Ha habido demasiados intentos. Espera ${count(seconds, 'segundo')}, o pregunta en clase.`,
  entryLost: 'No ha respondido nada. Inténtalo otra vez dentro de un momento.',
  outAgain: 'Tu papeleta ha cambiado, o ya no se puede elegir. Vuelve a entrar.',
  clock: clockTime,
  leave: '¿No eres tú?',
  openUntil: (clock: string, left: string) => `Abierto hasta las ${clock}, quedan ${left}`,
  open: 'Abierto ahora',
  paused: 'La elección está parada un momento. Lo que tienes sigue siendo tuyo.',
  over: 'Ya no se puede elegir.',
  minutes: (minutes: number) => count(minutes, 'minuto'),
  seconds: (seconds: number) => count(seconds, 'segundo'),
  lost: 'Se ha cortado la conexión. Vuelve sola; lo que tienes sigue siendo tuyo.',
  sits: (group: string) => `Estás en ${group}`,
  leads: 'Llegaste antes que nadie, así que diriges el grupo.',
  sitsNowhere: 'Aún no tienes sitio. Elige uno.',
  fixed: 'Lo que has elegido se queda así.',
  noPlace: 'No queda ningún sitio que elegir. Tendrás el que te asignen en clase.',
  placed: 'Tendrás el sitio que te asignen en clase.',
  left: (left: number) => `${wordFor(left, 'queda', 'quedan')} ${count(left, 'sitio')}`,
  places: 'Quedan sitios',
  taken: 'Completo',
  with: (names: readonly string[]) => `Con ${listNames(names)}`,
  sit: 'Sentarme aquí',
  sitIn: (group: string) => `Sentarme en ${group}`,
  yours: 'Tu sitio',
  stand: 'Dejar este sitio',
  topics: 'Los grupos',
  asking: 'Preguntando…',
  done: (group: string | null) =>
    group === null ? 'Has dejado tu sitio.' : `Ahora estás en ${group}.`,
  refused: (why: ChoiceRefusal | 'lost' | 'token', group: string, has: string | null): string => {
    const kept = has === null ? 'Elige otro sitio.' : `Sigues en ${has}.`;
    const words: Record<ChoiceRefusal | 'lost' | 'token', string> = {
      taken: `${group} ya está completo. ${kept}`,
      fixed: 'Lo que has elegido se queda así.',
      paused: `La elección está parada un momento. ${kept}`,
      closed: 'Ya no se puede elegir; esto llegó tarde.',
      unknown: `Esto no es posible. ${kept}`,
      wait: 'No ha cambiado nada: no ha respondido la pantalla de clase. Inténtalo otra vez dentro de un momento.',
      lost: 'No ha llegado respuesta. Vale lo que ves abajo; inténtalo otra vez.',
      token: 'Tu papeleta ha cambiado. Vuelve a entrar.',
    };
    return words[why];
  },
  partners: (most: number) =>
    `Nombra hasta ${count(most, 'persona')} con ${wordFor(most, 'la que', 'las que')} te gustaría trabajar. Solo lo ve quien da la clase.`,
  ranks: (most: number) =>
    `Pon por orden hasta ${count(most, 'tema')}, antes lo que más te gustaría. Solo lo ve quien da la clase.`,
  mine: 'Lo que has nombrado',
  nothing: 'Nada todavía.',
  others: 'Todo lo que hay',
  name: 'Nombrar',
  nameOne: (name: string) => `Nombrar a ${name}`,
  drop: 'Quitar',
  dropOne: (name: string) => `Quitar ${name}`,
  up: 'Antes',
  upOne: (name: string) => `Poner ${name} antes`,
  kept: 'Ya ha llegado.',
  full: (most: number) => `Ya son ${most}. Quita una opción para nombrar otra.`,
};
