import type { Line } from '../../services/rooms/board';
import type { Presence } from '../../services/rooms/contract';
import { services } from './services';
import { clockTime, count, listNames, wordFor } from './words';

/** "ahora mismo", "hace 40 segundos", "hace 3 minutos". */
function ago(ms: number): string {
  if (ms < 10_000) return 'ahora mismo';
  if (ms < 60_000) return `hace ${Math.floor(ms / 10_000) * 10} segundos`;
  return `hace ${count(Math.floor(ms / 60_000), 'minuto')}`;
}

const presence: Readonly<Record<Presence, string>> = {
  waiting: 'aún no está',
  onTheWay: 'en camino',
  here: 'está',
  dropped: 'se ha caído',
};

const line: Readonly<Record<Line, string>> = {
  connecting: 'Mirando en las salas…',
  live: 'Se ve según ocurre',
  polled: 'Se pregunta cada dos segundos: este servicio no avisa por sí mismo',
  lost: 'Se ha cortado la línea, o no hay red: así estaban. Se vuelve a intentar solo.',
  token: 'El servicio no acepta la clave. Dé otra.',
  gone: 'El servicio ya no conoce esta sesión. Entregue otra vez para hacer una nueva.',
};

const rooms = {
  page: 'Salas',
  title: (lineup: string) => `Salas: ${lineup}`,
  back: 'Volver a la entrega',
  none: 'Aún no se han hecho salas para este reparto. Entréguelo primero a un servicio de salas en vivo.',
  toHandOff: 'Entregar a salas',
  address: (address: string) => `Las salas están en ${address}.`,
  token: 'Su clave para él',
  look: 'Mirar en las salas',
  line,
  state: {
    made: 'Las salas están hechas y aún no se han abierto.',
    open: 'Abiertas',
    closing: 'Se ha acabado el tiempo: las salas se cierran solas.',
    closed: 'Las salas están cerradas.',
  },
  open: 'Abrir las salas',
  left: 'quedan',
  over: 'cerrando',
  noEnd: 'sin final fijado',
  endsAt: (ms: number) => `hasta las ${clockTime(ms)}`,
  less: 'Un minuto menos',
  more: (minutes: number) => `${count(minutes, 'minuto')} más`,
  close: 'Cerrar las salas',
  closeSure: (seconds: number | null) =>
    seconds ? `Cerrarlas, con ${seconds} segundos de cuenta atrás` : 'Cerrarlas ahora',
  keepOpen: 'Todavía no',
  reopen: 'Cinco minutos más',
  stageClock: 'El escenario muestra el tiempo que queda',
  here: (here: number, of: number) => `${here} de ${of} están`,
  roomCount: (here: number, of: number) => `${here}/${of}`,
  needs: 'Lo que le necesita',
  fine: 'Ahora mismo nada le necesita.',
  before:
    'En cuanto se abran las salas, aquí se dice quién tarda, quién está a solas, quién se ha ido o quién pregunta por usted.',
  need: {
    asking: (room: string) => `${room} pregunta por usted`,
    alone: (room: string, who: string) => `${who} está a solas en ${room}`,
    dropped: (room: string, who: readonly string[]) =>
      `${listNames(who)} ${who.length === 1 ? 'se ha caído' : 'se han caído'} de ${room}`,
    late: (room: string, who: readonly string[]) =>
      `No ${who.length === 1 ? 'ha' : 'han'} llegado a ${room}: ${listNames(who)}`,
  },
  headings: {
    room: 'Sala',
    inside: 'En la sala',
    missing: 'No están',
    here: 'Están',
    you: 'Usted',
  },
  presence,
  staff: 'personal',
  nobody: 'nadie',
  visit: (room: string) => `Visitar ${room}`,
  visitShort: 'Visitar',
  visited: (ms: number) => `estuvo ${ago(ms)}`,
  messageTo: (room: string) => `Escribir a ${room}`,
  writeShort: 'Escribir',
  remove: (room: string) => `Quitar ${room}`,
  add: 'Añadir una sala',
  newRoom: 'Nombre de la sala nueva',
  select: {
    none: 'Pulse un nombre para elegirlo; luego un número lo lleva a esa sala, y X intercambia dos.',
    some: (names: readonly string[]) =>
      `En la selección: ${listNames(names)}. Pulse el número de una sala, o`,
    moveHere: (room: string) => `Llevar aquí, a ${room}`,
    move: 'Llevar a',
    swap: 'Intercambiar los dos',
    leave: 'Dejarlos',
  },
  moved: (names: readonly string[], room: string) => `${listNames(names)} en camino a ${room}.`,
  swapped: (one: string, two: string) => `${listNames([one, two])} intercambian sus salas.`,
  takeBack: 'Deshacer',
  failed: (why: Parameters<typeof services.why>[0]) => `No se ha hecho: ${services.why(why)}`,
  late: {
    title: 'Aún en ninguna sala',
    place: (name: string) => `Dejar entrar a ${name} donde mejor encaje`,
    placeShort: 'Dejar entrar donde mejor encaje',
    placed: (name: string, room: string) => `${name} entra en ${room}.`,
    noAddress: 'no tiene dirección y no puede entrar',
  },
  say: {
    title: 'Decir algo',
    to: 'A',
    all: 'todas las salas',
    text: 'Mensaje',
    send: 'Enviar',
    sent: 'Enviado.',
    said: 'Lo dicho hasta ahora',
    you: (to: string) => `Usted, a ${to}`,
    from: (who: string, room: string) => `${who}, ${room}`,
    warn: (left: string) => `Quedan ${left}. Id terminando, por favor.`,
    warnShort: 'Decir cuánto tiempo queda',
  },
  take: {
    differs: 'Las salas han cambiado desde que se entregaron los grupos.',
    keep: 'Guardarlas como toma nueva',
    kept: 'Guardadas como toma nueva del reparto.',
    inUse: {
      title: 'Este reparto está en uso',
      text: (parted: number) =>
        `Con una toma como están ahora las salas, ${count(parted, 'estudiante')} ${wordFor(parted, 'perdería', 'perderían')} a alguien de su grupo. Las tomas anteriores se quedan, y se pueden recuperar.`,
      go: 'Guardarla',
      leave: 'Dejar el reparto como está',
    },
  },
};

const spaces = {
  page: 'Espacios',
  title: (lineup: string) => `Espacios: ${lineup}`,
  none: 'Aún no se han hecho canales para este reparto. Entréguelo primero a un servicio de canales duraderos.',
  toHandOff: 'Entregar a canales',
  address: (address: string) => `Los canales están en ${address}.`,
  token: rooms.token,
  look: 'Mirar en los espacios',
  looking: 'Mirando en los espacios…',
  without: 'Este servicio tiene canales, pero no espacios en los que se pueda mirar desde aquí.',
  failed: (why: Parameters<typeof services.why>[0]) => services.why(why),
  again: 'Mirar otra vez',
  count: (all: number, quiet: number) =>
    quiet === 0
      ? `${count(all, 'espacio')}, y todos los grupos han escrito algo.`
      : `${count(all, 'espacio')}; en ${quiet} aún no se ha escrito nada.`,
  heading: 'Grupos',
  members: (number: number) => count(number, 'miembro'),
  quiet: 'aún nada escrito',
  activity: (posts: number, files: number) =>
    [
      ...(posts > 0 ? [count(posts, 'mensaje')] : []),
      ...(files > 0 ? [count(files, 'archivo')] : []),
    ].join(', '),
  last: (ms: number) => (ms < 10_000 ? ago(ms) : `el último ${ago(ms)}`),
  archived: 'archivado',
  toAll: 'Decir lo mismo a todos los grupos',
  parts: {
    welcome: 'Bienvenida, en lugar de la anterior',
    announcements: 'Aviso',
    threads: 'Un hilo para responder',
    meeting: 'Dónde se reúnen (un enlace)',
    files: 'Una hoja (enlace a un archivo)',
  },
  what: 'Qué',
  whom: 'A quién',
  everybody: 'a todos los grupos',
  quietOnes: 'a los grupos callados',
  text: 'Texto',
  name: 'Su nombre',
  link: 'Su enlace',
  placeholders: (names: readonly string[]) =>
    `Se rellena para cada grupo: ${names.map((one) => `{{${one}}}`).join(' ')}`,
  unknown: (name: string) => `No se sabe nada de {{${name}}}: quedaría tal cual.`,
  noLink: 'Un enlace empieza por https:// o http://.',
  sample: (group: string) => `Como lo leería ${group}`,
  send: (groups: number) => `Enviar a ${count(groups, 'grupo')}`,
  sending: (done: number, all: number) => `Enviado a ${done} de ${all}`,
  sent: (groups: number) =>
    `${count(groups, 'grupo')} ya lo ${wordFor(groups, 'tiene', 'tienen')}.`,
  notSent: (groups: number) =>
    `${count(groups, 'grupo')} aún no lo ${wordFor(groups, 'tiene', 'tienen')}. Lo que llegó se queda; nadie lo recibe dos veces.`,
  retry: 'Enviar otra vez a esos',
  archive: 'Archivar todos los espacios',
  archiveAsk: {
    title: '¿Archivar todos los espacios de este reparto?',
    text: 'Ya no se podrá escribir allí, ni los estudiantes ni usted. Todo lo escrito se podrá seguir leyendo.',
    go: 'Archivarlos',
    leave: 'Dejarlos abiertos',
  },
  welcome: 'Bienvenida',
  meeting: 'Dónde se reúnen',
  announcements: 'Avisos',
  files: 'Archivos',
  nothing: 'Aún no hay nada.',
  from: (who: string, ms: number) => `${who}, ${ago(ms)}`,
  staff: 'Personal',
  as: {
    title: 'Verlo como estudiante',
    who: 'Como',
    nobody: 'usted',
    sees: (who: string, own: number, rooms: number) =>
      `${who} ve ${count(own, 'espacio')}${rooms > 0 ? ` y ${count(rooms, 'sala')}` : ''}, como se muestra aquí.`,
    proved: (others: number) =>
      others === 1
        ? 'Preguntado por el otro en nombre de esa persona, el servicio no lo muestra.'
        : `Preguntado por cada uno de los otros ${others} en nombre de esa persona, el servicio no muestra ninguno.`,
    leaks: (names: readonly string[]) =>
      `El servicio también muestra ${listNames(names)}. Dígaselo a quien lo gestiona: allí los grupos no están separados.`,
    looking: 'Preguntando al servicio en nombre de esa persona…',
    room: (name: string) => `Sala: ${name}`,
    noRoom: 'No aparece en ninguna sala de este reparto.',
  },
};

/** What a practice service tells of itself. */
const practice = {
  page: 'Servicios de práctica',
  title: 'Servicios de práctica: lo que ha llegado',
  intro:
    'Salas y canales inventados en este equipo, para probar entregas. Conocen a todos los de las clases de muestra; la gente entra, escribe y se va por su cuenta. Nada de esto es real, y desaparece al terminar la muestra.',
  token: 'Clave',
  look: 'Mirar',
  refused: 'Aquí no se conoce esta clave: las de práctica empiezan por «river».',
  behave: 'Cómo se comportan los servicios',
  settings: {
    delayMs: 'Responder tras estos milisegundos',
    failing: 'De mil peticiones, cuántas fallan',
    lost: 'De mil respuestas, cuántas se pierden',
    busy: 'De mil peticiones, a cuántas se les dice que esperen',
    pace: 'Cuántas veces más rápida va la gente',
    rooms: 'Máximo de salas en una sesión',
    people: 'Máximo de personas en una sala',
    members: 'Máximo de miembros de un canal',
  },
  sessions: 'Sesiones de salas',
  channels: 'Canales',
  none: 'Nada aún.',
  session: (name: string, state: string) => `${name} (${state})`,
  states: { made: 'hecha', open: 'abierta', closing: 'cerrándose', closed: 'cerrada' },
  room: (name: string, here: number, of: number) => `${name}: ${here} de ${of} están`,
  you: 'Usted ha entrado aquí',
  channel: (name: string, members: number) => `${name}: ${count(members, 'miembro')}`,
};

/** What is said while rooms are open, and in the spaces of channels. */
export const liveEs = { rooms, spaces, practice };
