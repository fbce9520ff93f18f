import type { LineState } from '../../services/eventLine';
import type { LogEntry } from '../../services/seats/contract';
import { clockTime, count, listNames, wordFor } from './words';

const line: Readonly<Record<LineState, string>> = {
  connecting: 'Mirando quién está dónde…',
  live: 'Se ve según ocurre',
  lost: 'Se ha cortado la línea con las plazas, o no hay red: así estaban. Se vuelve a intentar solo.',
  token:
    'Las plazas no conocen este navegador. Desde aquí ya no se puede seguir a los estudiantes.',
  gone: 'Las plazas ya no conocen esta elección: así se vio por última vez.',
};

const chooses = (who: number): string =>
  `${count(who, 'estudiante')} ${wordFor(who, 'elige', 'eligen')}`;

/** What the teacher reads where students choose. */
export const seats = {
  page: 'Plazas abiertas',
  title: (lineup: string) => `Plazas abiertas: ${lineup}`,
  back: 'Volver a los grupos',
  intro:
    'Los estudiantes eligen ellos mismos su grupo, en el móvil, dentro de lo que usted permita. Las reglas discretas se cumplen, y nadie puede ver que las hay.',
  noGroups: 'Primero tiene que haber grupos entre los que elegir. Pueden estar vacíos.',
  make: (number: number) => `Preparar ${count(number, 'grupo vacío', 'grupos vacíos')}`,
  howMany: 'Cuántos grupos',
  fewer: 'Uno menos',
  more: 'Uno más',
  between: (least: number, most: number) => `Entre ${least} y ${most}.`,
  kind: 'Qué hacen los estudiantes',
  kinds: {
    seats: 'se sientan en un grupo',
    partners: 'nombran a compañeros que querrían',
    topics: 'ordenan los grupos que querrían',
  },
  who: 'Quién elige',
  whoOf: {
    here: 'todos los presentes',
    unplaced: 'quienes aún no están en ningún grupo',
  },
  whoSection: (name: string) => `los de ${name}`,
  groups: 'Los grupos',
  topicOf: (group: string) => `De qué trata ${group}`,
  addTopic: 'Añadir un tema',
  seats: 'Plazas',
  seatsIn: (group: string) => `Plazas en ${group}`,
  least: 'Al menos',
  leastIn: (group: string) => `Al menos tantos en ${group}`,
  all: 'Todos los grupos igual',
  already: (names: readonly string[]) =>
    `${listNames(names)} ya ${names.length === 1 ? 'está' : 'están'} allí`,
  minutes: 'Abierto durante',
  minutesOf: (minutes: number) => count(minutes, 'minuto'),
  noEnd: 'mientras yo lo deje abierto',
  mayChange: 'Pueden cambiar después',
  namesSeen: 'Ven quién está dónde',
  firstLeads: 'Quien se sienta antes dirige',
  sectionsApart: 'Nunca personas de secciones distintas en un mismo grupo',
  most: {
    partners: 'Compañeros que se nombran, como mucho',
    topics: 'Grupos que se ordenan, como mucho',
  },
  guarded:
    'Hay reglas discretas en vigor. Para que nadie pueda deducirlas, los estudiantes ven solo si quedan sitios, no cuántos, y solo los nombres de quienes están con ellos. Esta página, u otra de Gruppetto, tiene que seguir abierta.',
  enough: (who: number, places: number) => `${chooses(who)}; ${count(places, 'sitio')}.`,
  short: (who: number, places: number) =>
    `${chooses(who)}, y solo hay ${count(places, 'sitio')}: ${who - places} se ${wordFor(who - places, 'quedará', 'quedarán')} sin él.`,
  nobody: 'No elegiría nadie: mire en la lista quién participa.',
  open: {
    seats: 'Abrir las plazas',
    partners: 'Preguntar por compañeros',
    topics: 'Pedir el orden',
  },
  opening: 'Abriendo…',
  notOpened:
    'Las plazas no han respondido: no se ha abierto nada. Necesitan red; inténtelo otra vez dentro de un momento.',
  failed: 'Eso no ha llegado. Mire lo que se muestra e inténtelo otra vez.',
  line,
  address: (address: string) =>
    `Los estudiantes abren ${address} y eligen su nombre, con el PIN de su papeleta.`,
  addressLabel: 'Código para el móvil: la dirección',
  loopback:
    'Ahora esta dirección funciona solo en este equipo. Para los móviles, cierre Gruppetto y ábralo con «npm start -- --lan».',
  copy: 'Copiar la dirección',
  copied: 'Copiada.',
  slips: 'Imprimir las papeletas',
  show: 'Mostrarlo a la clase',
  until: (clock: string, left: string) => `Abierto hasta las ${clock}, quedan ${left}`,
  clock: clockTime,
  isOpen: 'Abierto',
  isPaused: 'Parado de momento',
  isClosed: 'Cerrado',
  minutesLeft: (minutes: number) => count(minutes, 'minuto'),
  secondsLeft: (seconds: number) => count(seconds, 'segundo'),
  addMinute: 'Un minuto más',
  pause: 'Parar un momento',
  resume: 'Seguir',
  close: 'Cerrar',
  closeTitle: '¿Cerrar la elección?',
  closeText: (without: number) =>
    without === 0
      ? 'Nada de lo que llegue después cuenta.'
      : `Nada de lo que llegue después cuenta. ${count(without, 'estudiante')} aún no ${wordFor(without, 'tiene', 'tienen')} sitio; se les coloca a continuación, y usted lo ve antes de que cuente.`,
  closeLeave: 'Dejarla abierta',
  visitors: 'Que vengan estudiantes simulados',
  left: (taken: number, most: number) => `${taken} de ${most}`,
  addSeat: 'Una plaza más',
  addSeatIn: (group: string) => `Una plaza más en ${group}`,
  nobodyYet: 'Nadie aún',
  leads: 'dirige',
  without: (number: number) => `Aún sin sitio (${number})`,
  notCome: (number: number) => `Aún no han venido (${number})`,
  everybody: 'Todos tienen sitio.',
  answered: (answered: number, all: number) => `${answered} de ${all} han respondido.`,
  unanswered: (number: number) => `Aún sin respuesta (${number})`,
  ofPerson: (name: string) => `Qué hacer con ${name}`,
  moveTo: (group: string, left: number) => `A ${group} (${count(left, 'sitio')})`,
  takeOut: 'Sacar del grupo',
  breaks: 'incumple una regla discreta',
  locked: 'PIN bloqueado',
  newSlip: 'Dar una papeleta nueva',
  slipIs: (name: string, pin: string) =>
    `${name} tiene un PIN nuevo: ${pin}. La papeleta anterior ya no sirve.`,
  log: 'Lo que ha pasado',
  logEmpty: 'Nada todavía.',
  logLine: (what: LogEntry['what'], name: string, group: string | null, at: number) => {
    const to = group ?? '';
    const words: Record<LogEntry['what'], string> = {
      came: `${name} ha entrado`,
      sat: `${name} se ha sentado en ${to}`,
      left: `${name} ha dejado ${to}`,
      turnedAway: `${name} no ha encontrado sitio en ${to}`,
      moved:
        group === null
          ? `${name} ha salido de su grupo`
          : `${name}: puesto en ${to}, o fuera de él`,
      wished: `${name} ha respondido`,
      wrongPin: `${name}: un PIN equivocado`,
      locked: `${name}: demasiados PIN equivocados, bloqueado de momento`,
    };
    return `${clockTime(at)} ${words[what]}`;
  },
  over: 'La elección ha terminado',
  working: 'Colocando a quienes no tienen sitio…',
  placing: (placed: number, moved: number) =>
    placed === 0 && moved === 0
      ? 'Quienes eligieron conservan su plaza, y nadie se queda sin ella.'
      : `${count(placed, 'estudiante')} ${wordFor(placed, 'recibe', 'reciben')} sitio, ${moved === 0 ? 'y nadie tiene que moverse' : `y ${count(moved, 'estudiante')} ${wordFor(moved, 'tiene', 'tienen')} que moverse`}. ${placed + moved === 1 ? 'El nombre va' : 'Sus nombres van'} en negrita.`,
  moved: (name: string, from: string, to: string) => `${name} de ${from} a ${to}`,
  rulesBroken:
    'Con estas plazas no se ha encontrado modo de cumplir todas las reglas. Así se incumple lo menos que se ha podido; añada plazas, o arréglelo en la hoja.',
  noRoom: (missing: number) =>
    `Faltan ${count(missing, 'sitio')} para que quepan todos. Añada plazas abajo; no se ha cambiado nada.`,
  take: 'Convertirlos en los grupos',
  taken: (number: number) => `Los grupos son la toma ${number} del reparto.`,
  isTaken: 'Ya son los grupos. Se pueden cambiar en la hoja como cualesquiera otros.',
  toGroups: 'A los grupos',
  takeWishes: 'Recoger los deseos',
  wishesTaken: (number: number) =>
    `Se han recogido los deseos de ${count(number, 'estudiante')}; la próxima vez que baraje se tendrán en cuenta.`,
  wishes: 'Lo que se ha deseado',
  wishOf: (name: string, wishes: readonly string[]) =>
    `${name}: ${wishes.length === 0 ? 'nada' : wishes.join(', ')}`,
  again: 'Elegir de nuevo',
  againTitle: '¿Elegir de nuevo?',
  againText:
    'Lo elegido se olvida, aquí y en las plazas. Los grupos que se hicieron con ello se quedan.',
  againLeave: 'Dejarlo',
  slipsPage: 'Papeletas',
  slipsTitle: (lineup: string) => `Papeletas: ${lineup}`,
  slipsNone: 'Hay papeletas en cuanto se abren las plazas.',
  slipsBack: 'Volver a las plazas',
  print: 'Imprimir',
  pages: (pages: number) => count(pages, 'página'),
  showPage: 'Elige tu grupo',
};
