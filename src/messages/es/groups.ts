import type { Gain } from '@/core/explain/gains';
import { count, listNames, wordFor } from './words';

/** What stands for a skill where those are together of whom nothing is known. */
const NO_RESULTS = 'sin resultados aún';

const groups = {
  noStudents: 'Todavía no hay nadie para repartir en grupos.',
  toRoster: 'Pegar la lista de clase',
  noLineup: 'Esta clase no tiene ningún reparto.',
  invite: 'Aún no se ha repartido nada. Diga arriba cómo deben ser los grupos y fórmelos.',
  make: 'Formar grupos',
  reshuffle: 'Volver a barajar',
  working: 'Formando grupos',
  stop: 'Parar',
  failed:
    'No se han podido formar los grupos. Su última toma sigue como estaba; pulse «Volver a barajar» para intentarlo otra vez.',
  remade: (number: number) =>
    `${count(number, 'grupo')} ${wordFor(number, 'vuelto', 'vueltos')} a formar; los demás siguen como estaban.`,
  made: (number: number) => `${count(number, 'grupo')} ${wordFor(number, 'formado', 'formados')}.`,
  again: (number: number) =>
    `Son otra vez los grupos de la toma ${number}: no se han encontrado otros igual de buenos.`,
  againOf: (number: number, asGood: number) =>
    `Son otra vez los grupos de la toma ${number}: ${asGood === 1 ? 'ningún otro reparto es igual de bueno' : `solo hay ${count(asGood, 'reparto')} así de buenos`}.`,
  noOther: 'No hay ninguno más.',
  nextCosts: (losses: readonly string[]) =>
    losses.length === 0
      ? 'El siguiente mejor es un poco peor.'
      : `El siguiente mejor trae ${listNames(losses)}.`,
  older: (parts: readonly ('sentence' | 'roll')[]) =>
    `Estos grupos son anteriores a ${listNames(parts.map((part) => (part === 'sentence' ? 'la frase de arriba' : 'la lista de hoy')))}.`,
  workedIn: 'Se trabaja en estos grupos:',
  workedInNote:
    'La actividad conserva los grupos con los que se abrió; allí se pregunta por quien cambie aquí.',
  letGo: 'Formar otros grupos de todos modos',
  reshuffleChosen: (number: number) => `Volver a barajar ${count(number, 'grupo')}`,
  pinnedStay: (number: number) =>
    `${count(number, 'estudiante fijado', 'estudiantes fijados')} ${wordFor(number, 'se queda', 'se quedan')}`,
  lockedStay: (number: number) =>
    `${count(number, 'grupo bloqueado', 'grupos bloqueados')} ${wordFor(number, 'se queda', 'se quedan')}`,
  evenPinned: 'Barajarlos también',
  openSeats: 'Abrir plazas',
  setOut: 'Preparar los grupos',
  sheet: 'Grupos',
  column: { group: 'grupo', students: 'estudiantes', size: 'n.º', rules: 'regla' },
  sizeLabel: (size: number) => count(size, 'estudiante'),
  nobody: 'nadie',
  away: 'hoy no está',
  left: 'se ha dado de baja',
  tileLabel: (name: string, parts: readonly string[]) =>
    [name, ...parts.filter(Boolean)].join(', '),
  troubled: 'no se cumple una regla',
  pinned: 'en sitio fijo',
  locked: 'bloqueado',
  chosen: (name: string) => `${name}: sobre este grupo`,
  lead: 'responsable',
  writeTo: (name: string) => `Escribir a ${name}`,
  effect: {
    breaks: 'incumple una regla',
    mends: 'arregla una regla',
    better: 'mejor',
    same: 'igual de bueno',
    worse: 'menos bueno',
  },
  best: ['lo mejor', '2.º mejor', '3.º mejor'] as readonly string[],
  placeBest: (number: number) =>
    number === 1 ? 'Colocar donde mejor encaje' : 'Colocar a todos donde mejor encajen',
  placed: (number: number, moved: readonly string[]) =>
    [
      `${count(number, 'estudiante')} ${wordFor(number, 'tiene', 'tienen')} sitio.`,
      ...(moved.length > 0
        ? [
            `Para ello, ${listNames(moved)} ${moved.length === 1 ? 'ha' : 'han'} pasado a otro grupo.`,
          ]
        : []),
    ].join(' '),
  swapped: (one: string, two: string) => `${listNames([one, two])} han cambiado de sitio entre sí.`,
  findLabel: 'Buscar a alguien',
  foundOf: (place: number, of: number) =>
    of === 1 ? 'encontrado' : `${place} de ${of}, Intro para el siguiente`,
  foundIn: (name: string, group: string) => `${name}, ${group}`,
  foundMany: (number: number, listed: number) =>
    number > listed
      ? `${number} con ese nombre: escriba más letras`
      : count(number, 'persona encontrada', 'personas encontradas'),
  notFound: (text: string) => `Nadie se llama ${text} en los grupos.`,
  tileHelp:
    'Escriba el número de un grupo para pasar a la persona allí, o pulse Alt con una flecha.',
  typing: (number: string) => `al grupo ${number}…`,
  drag: {
    lifted: (names: readonly string[]) => `${listNames(names)}: en el aire.`,
    overGroup: (names: readonly string[], group: string, effect: string | null) =>
      `${listNames(names)} sobre ${group}${effect === null ? '' : `: ${effect}`}`,
    overStudent: (one: string, two: string, effect: string | null) =>
      `${one} sobre ${two}, para cambiar de sitio${effect === null ? '' : `: ${effect}`}`,
    nowhere: 'Devuelto a su sitio; nadie ha cambiado.',
  },
  gone: (names: readonly string[]) =>
    `${listNames(names)} ${names.length === 1 ? 'falta' : 'faltan'} hoy y ya no ${names.length === 1 ? 'aparece' : 'aparecen'} en el escenario.`,
  evenOut: 'Igualar los grupos',
  evened: (names: readonly string[]) =>
    names.length === 0
      ? 'Los grupos están tan igualados como es posible; nadie se ha movido.'
      : `Los grupos vuelven a estar igualados: ${names.length === 1 ? 'se ha movido' : 'se han movido'} ${listNames(names)}.`,
  notEvened: 'No se pueden igualar los grupos cumpliendo todas las reglas. Se quedan como están.',
  aside: 'Aparte',
  asideEmpty: 'No hay nadie aparte. Suelte aquí a alguien para sacarlo de su grupo.',
  drawer: 'Sobre lo elegido',
  moved: (names: readonly string[], group: string | null) => {
    const are = names.length === 1 ? 'está' : 'están';
    return group === null
      ? `${listNames(names)} ${are} ahora aparte.`
      : `${listNames(names)} ${are} ahora en ${group}.`;
  },
  pinnedNow: (names: readonly string[], pinned: boolean) =>
    pinned
      ? `${listNames(names)} ${names.length === 1 ? 'se queda' : 'se quedan'} aquí al volver a mezclar.`
      : `Al volver a mezclar, ${listNames(names)} ${names.length === 1 ? 'puede' : 'pueden'} moverse otra vez.`,
  partLost: (name: string, role: string, group: string) =>
    `${name} era ${role} de ${group}, que ahora no tiene a nadie.`,
  addedGone: (names: readonly string[]) =>
    names.length === 1
      ? `${names.join('')}, añadido a mano, no está entre ellos: la frase de arriba dice cuántos hay.`
      : `${listNames(names)}, añadidos a mano, no están entre ellos: la frase de arriba dice cuántos hay.`,
  notKept: (broken: readonly string[]) => `No se cumple: ${listNames(broken)}.`,
};

/** How measures are told, beside the columns and the takes. */
const measures = {
  partners: 'compañeros',
  wishes: 'deseos',
  topics: 'grupos preferidos',
  unknown: (number: number) => `${number} sin saber`,
  firstRank: (met: number, of: number) => `${met} de ${of} en su primera opción`,
  ranksLeft: (ranks: number) => `a ${count(ranks, 'puesto')} de lo mejor`,
  ranksExplained: (cost: number, best: number) =>
    `Contando 0 por una primera opción, lo asignado suma ${cost}; en grupos de estos tamaños quizá sea posible ${best}.`,
  needs: 'lo que toca aprender',
  served: (met: number, of: number) => `${met} de ${of} con lo que les toca`,
  canBe: (most: number) => `pueden ser ${most}`,
  canBeExplained: (most: number, of: number) =>
    `En grupos de estos tamaños, como mucho ${most} de ${of} pueden estar en un grupo que trabaje lo que les toca aprender.`,
  focusSpoken: (focus: readonly string[], met: number, of: number) =>
    `Trabaja ${listNames(focus.map((skill) => (skill === '' ? NO_RESULTS : skill)))}; es lo que toca a ${met} de ${of}.`,
  noResults: NO_RESULTS,
  unserved: (number: number) => `${number} sin lo que les toca`,
  means: (least: number, most: number) =>
    figure(least) === figure(most)
      ? `todas las medias ${figure(least)}`
      : `medias de ${figure(least)} a ${figure(most)}`,
  alikeTo: (cost: number) => `iguales al ${percent(1 - cost)}`,
  even: 'igualado',
  off: (cost: number) => `${cost} de desajuste`,
  share: (cost: number) => percent(cost),
  pairs: (number: number) => String(number),
  repeats: (number: number) =>
    number === 0 ? 'todo nuevo' : count(number, 'repetición', 'repeticiones'),
  again: (met: number) => (met === 0 ? 'todo nuevo' : `${count(met, 'pareja')} otra vez`),
  met: (met: number, of: number) => (of === 0 ? 'ninguno' : `${met} de ${of}`),
  best: 'lo mejor',
  bestIs: (figure: string) => `no puede bajar de ${figure}`,
  mostIs: (figure: string) => `no puede pasar de ${figure}`,
  nearBest: 'cerca de lo mejor',
  meansExplained: 'La media más baja y la más alta de un grupo.',
  bestExplained: 'En grupos de estos tamaños no es posible nada mejor.',
  bestAtMost: (text: string) => `No es posible nada mejor que esto: ${text}.`,
  sortBy: (name: string) => `Ordenar las filas por ${name}`,
  sortedBy: (name: string, order: 'down' | 'up' | null) =>
    order === null
      ? 'Las filas están como se repartieron.'
      : `Las filas van por ${name}, ${order === 'down' ? 'de más a menos' : 'de menos a más'}.`,
  number: (name: string, mean: string, values: string) => `${name}: media ${mean}; ${values}`,
  figure: (value: number) => figure(value),
  shares: (name: string, parts: readonly string[]) => `${name}: ${parts.join(', ')}`,
};

// Made once: a formatter costs a hundred times what it is used for.
const ONE_DIGIT = new Intl.NumberFormat('es', { maximumFractionDigits: 1 });
const WHOLE = new Intl.NumberFormat('es', { maximumFractionDigits: 0 });

function percent(share: number): string {
  const value = share * 100;
  return `${(value < 10 ? ONE_DIGIT : WHOLE).format(value)} %`;
}

function figure(value: number): string {
  return ONE_DIGIT.format(value);
}

/** Lo que otros grupos tienen sobre estos, o estos sobre otros. */
const differences = {
  better: (gain: Gain, name: string): string => {
    switch (gain.what) {
      case 'repeats':
        return `${count(gain.by, 'repetición', 'repeticiones')} menos`;
      case 'wishes':
        return `${gain.by} más con un deseo cumplido`;
      case 'ranks':
        return `${count(gain.by, 'puesto')} más cerca de lo elegido`;
      case 'moves':
        return `${count(gain.by, 'estudiante')} menos en otro sitio`;
      case 'needs':
        return 'más atendidos en lo que les toca ahora';
      case 'uneven':
        return `${gain.by} menos de desajuste en ${name}`;
      case 'means':
        return `${name} mejor repartido`;
      case 'alike':
        return `${name} más parecido en cada grupo`;
      default:
        return gain satisfies never;
    }
  },
  worse: (gain: Gain, name: string): string => {
    switch (gain.what) {
      case 'repeats':
        return `${count(gain.by, 'repetición', 'repeticiones')} más`;
      case 'wishes':
        return `${gain.by} menos con un deseo cumplido`;
      case 'ranks':
        return `${count(gain.by, 'puesto')} más lejos de lo elegido`;
      case 'moves':
        return `${count(gain.by, 'estudiante')} más en otro sitio`;
      case 'needs':
        return 'menos atendidos en lo que les toca ahora';
      case 'uneven':
        return `${gain.by} más de desajuste en ${name}`;
      case 'means':
        return `${name} peor repartido`;
      case 'alike':
        return `${name} menos parecido en cada grupo`;
      default:
        return gain satisfies never;
    }
  },
  ready: 'Hay grupos mejores listos',
  readySpoken: (gains: readonly string[]) =>
    `Hay grupos mejores listos en la tira de tomas: ${listNames(gains)}.`,
  gains: (gains: readonly string[]) => listNames(gains),
  proven: 'Demostrado: no hay grupos mejores en todo lo que pide la frase.',
};

const takes = {
  title: 'Tomas',
  hint: 'Recórralas con las teclas , y .',
  take: (number: number) => `Toma ${number}`,
  madeAt: (moment: string) => {
    const date = new Date(moment);
    const sameDay = date.toDateString() === new Date().toDateString();
    const format: Intl.DateTimeFormatOptions = sameDay
      ? { hour: '2-digit', minute: '2-digit' }
      : { day: 'numeric', month: 'short' };
    return new Intl.DateTimeFormat('es', format).format(date);
  },
  byHand: 'cambiada a mano',
  broken: (number: number) => `${count(number, 'regla')} sin cumplir`,
  broughtBack: (number: number) => `Se muestra la toma ${number}.`,
  asDealt: 'Volver a lo repartido',
  compare: 'Comparar dos',
  star: (number: number) => `Destacar la toma ${number}`,
  unstar: (number: number) => `Dejar de destacar la toma ${number}`,
  starred: 'destacada',
  remove: (number: number) => `Quitar la toma ${number}`,
  removed: (number: number) => `Se ha quitado la toma ${number}.`,
};

/** What is said of groups: on the bench, and of what they come to. */
export const groupsEs = { ...groups, measures, differences, takes };
