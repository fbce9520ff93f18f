import { clockFigures } from '../clockFigures';
import { compare, count, figureOf, wordFor } from './words';

/** The figures of a mark: at most two places. */
const figure = (value: number): string => figureOf(Math.round(value * 100) / 100);

/** What the class reads; students are addressed as "tú". */
export const shown = {
  language: 'es',
  compare,
  stage: {
    nothing: 'Aún no hay reparto',
    empty: 'Los grupos aparecerán aquí en cuanto estén formados.',
    groups: 'Grupos',
    instructions: 'Instrucciones',
    byName: 'Por nombre',
    stations: 'Estaciones',
    jigsaw: 'Especialistas',
    lead: 'responsable',
    openPlace: (host: string) => `abrir ${host}`,
    letters: 'Saltar a una letra',
    page: (page: number, pages: number) => `página ${page} de ${pages}`,
    turn: (turn: number, turns: number) => `Turno ${turn} de ${turns}`,
    station: (number: number) => `Estación ${number}`,
    break: 'Descanso',
    noStations: 'No se han planificado estaciones para estos grupos.',
    sides: {
      home: 'Grupos de origen: cada cual con sus especialistas',
      experts: 'Grupos de especialistas: vuelta al grupo de origen',
    },
    noExperts: 'No se han formado grupos de especialistas para estos grupos.',
    clock: {
      none: 'No hay tiempo fijado.',
      figures: clockFigures,
      still: 'en pausa',
      warning: 'queda poco',
      over: 'Se acabó el tiempo',
    },
    pick: {
      none: '¿A quién le tocará?',
      left: (left: number, of: number) =>
        left === of ? `Faltan por salir los ${of}.` : `Faltan por salir ${left} de ${of}.`,
    },
  },
  paper: {
    turn: (number: number) => `Turno ${number}`,
    group: 'Grupo',
    break: 'descanso',
    notes: 'Notas',
    fold: 'doblar aquí',
    codeOf: (what: string) => `Código con ${what}`,
    codeHint: 'El móvil lee el texto del propio código; no se sube nada.',
    list: 'toda la lista por nombre',
    tooLong: (what: string) =>
      `${what} es demasiado texto para un solo código. Los códigos de cada grupo contienen menos.`,
  },
  seats: {
    over: 'La elección ha terminado',
    addressLabel: 'Código para el móvil: la dirección',
    pin: 'Elige tu nombre y escribe el PIN de tu papeleta, o fotografía el código que lleva.',
    isPaused: 'Parado de momento',
    isOpen: 'Abierto',
    left: (left: string) => `quedan ${left}`,
    minutes: (minutes: number) => count(minutes, 'minuto'),
    seconds: (seconds: number) => count(seconds, 'segundo'),
    places: (taken: number, all: number) =>
      `${taken} de ${all} ${wordFor(taken, 'tiene', 'tienen')} sitio`,
    answered: (answered: number, all: number) =>
      `${answered} de ${all} ${wordFor(answered, 'ha respondido', 'han respondido')}.`,
    slipPin: (pin: string) => `PIN ${pin}`,
    slipCode: (name: string) => `Código personal de ${name}`,
  },
  marks: {
    mark: (points: number, most: number) => `${figure(points)} de ${figure(most)}`,
    late: (points: number) => `${figure(points)} menos por el retraso`,
    criterion: (name: string, points: number, most: number) =>
      `${name}: ${figure(points)} de ${figure(most)}`,
    none: 'Sin nota aún.',
    excused: 'Con justificante.',
    absent: 'Ausente: 0.',
  },
};
