import type { OutDoubt } from '../../formats/out/checks';
import type { WayOutId } from '../../formats/out/list';
import type { LetterTo } from '../../formats/out/options';
import { services } from './services';
import { outIssueSentence, unreachedSentence } from './waysOut';
import { count, listNames, wordFor } from './words';

/** So many names are told one by one; of more it is told how many there are. */
const NAMES_TOLD = 4;

const told = (names: readonly string[], one: string): string =>
  names.length <= NAMES_TOLD ? listNames(names) : count(names.length, one);
const are = (names: readonly string[], one: string, many: string): string =>
  names.length === 1 ? one : many;

const way: Readonly<
  Record<WayOutId, { readonly title: string; readonly holds: string; readonly fileEnd: string }>
> = {
  'groups-csv': {
    title: 'Lista por grupo',
    holds: 'CSV, una fila por persona',
    fileEnd: 'por-grupo',
  },
  'names-csv': { title: 'Lista por nombre', holds: 'CSV, de la A a la Z', fileEnd: 'por-nombre' },
  'rooms-csv': { title: 'Lista para salas', holds: 'CSV: sala, nombre, correo', fileEnd: 'salas' },
  xlsx: {
    title: 'Libro de cálculo',
    holds: 'una hoja por grupo y otra por nombre',
    fileEnd: 'grupos',
  },
  icalendar: { title: 'Calendario', holds: 'una cita por cada grupo', fileEnd: 'calendario' },
  vcard: {
    title: 'Contactos',
    holds: 'una ficha por persona y una por grupo',
    fileEnd: 'contactos',
  },
  json: { title: 'Datos abiertos', holds: 'JSON, para otros programas', fileEnd: 'reparto' },
  'pack-docx': {
    title: 'Documentos',
    holds: 'para un procesador de textos, en un zip',
    fileEnd: 'documentos',
  },
  'pack-html': {
    title: 'Páginas web',
    holds: 'para cualquier navegador, en un zip',
    fileEnd: 'paginas',
  },
  text: { title: 'Líneas sencillas', holds: 'una línea por cada grupo', fileEnd: 'lineas' },
  markdown: { title: 'Markdown', holds: 'un título y una lista por grupo', fileEnd: 'grupos' },
  'html-table': { title: 'Tabla', holds: 'para un documento o una hoja', fileEnd: 'tabla' },
  mailto: { title: 'Cartas', holds: 'se abren en su programa de correo', fileEnd: 'cartas' },
  'merge-csv': { title: 'Combinar correo', holds: 'CSV, una carta por fila', fileEnd: 'correo' },
  links: { title: 'Enlaces', holds: 'uno por cada grupo', fileEnd: 'enlaces' },
};

const MOMENT = new Intl.DateTimeFormat('es', {
  ...{ weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
});

const TIME = new Intl.DateTimeFormat('es', { hour: '2-digit', minute: '2-digit' });

const handoff = {
  title: (lineup: string) => `Entrega: ${lineup}`,
  empty: 'Aún no hay grupos que entregar.',
  toGroups: 'Formar grupos',
  where: 'Adónde',
  places: {
    paper: 'papel',
    file: 'un archivo',
    pages: 'una página por grupo',
    message: 'un mensaje',
    link: 'un enlace',
    rooms: 'salas',
    channels: 'canales',
  },
  paper: {
    text: 'Listas para la puerta, carteles de mesa, tarjetas con el nombre, una hoja por grupo: se ven como saldrán de la impresora.',
    go: 'Ir a las hojas impresas',
  },
  ways: 'Como',
  way,
  options: {
    title: 'Con',
    addresses: 'Direcciones de correo',
    linkTemplate: 'Enlace de cada grupo',
    linkStart: 'https://',
    linkHint:
      'Como https://rooms.example.org/{group}; también se conocen {number}, {code} y {date}.',
    message: 'Mensaje',
    messageHint: 'Una o dos líneas suyas',
    date: 'Día',
    time: 'Desde',
    minutes: 'Minutos',
    oneEvent: 'Una sola cita para todos los grupos',
    letterTo: 'Para',
    letterKinds: {
      group: 'cada grupo',
      lead: 'las personas responsables',
      each: 'cada estudiante',
    } satisfies Record<LetterTo, string>,
    letter: 'La carta',
    handout: 'La hoja del grupo',
    handoutHint: (names: readonly string[]) =>
      `Markdown. Lo que va entre llaves se rellena para cada grupo: ${names.map((name) => `{{${name}}}`).join(' ')}`,
    asShipped: 'Volver a la nuestra',
    ownFile: 'Usar un documento propio',
    ownFileHint: (ends: string) => `${ends} con {{group}}, {{members}} y semejantes`,
    usedFile: (name: string) => `De su documento ${name}`,
    noFile: 'Escribirla aquí',
    fileTooLarge: 'Ese documento ocupa más de 20 MB y no se ha tomado. Reduzca sus imágenes.',
    fileForNow: 'Es demasiado grande para recordarlo: vale hasta que salga de la página.',
    fields: 'Campos propios',
    fieldName: (number: number) => `Nombre del campo ${number}`,
    fieldUnnamed: 'nombre, como equipo',
    fieldValue: (name: string) => `Qué se pone por ${name}`,
    fieldEmpty: 'qué se pone por él',
    fieldRemove: (name: string) => `Quitar ${name}`,
    fieldAdd: 'Añadir un campo',
    columns: 'Columnas y separador',
    heading: (column: string) => `Título de ${column}`,
    earlier: (column: string) => `${column} más hacia delante`,
    leaveOut: (column: string) => `Dejar fuera ${column}`,
    addColumn: 'Añadir una columna',
    usualColumns: 'Volver a las de siempre',
    separator: 'Entre celdas',
    separators: { ',': 'coma', ';': 'punto y coma', '\t': 'tabulador' },
  },
  preview: 'Lo que sale',
  previewOf: (name: string, students: number, groups: number) =>
    `${name}: ${count(students, 'estudiante')} en ${count(groups, 'grupo')}`,
  more: (rows: number) => `y ${count(rows, 'fila')} más`,
  morePages: (number: number, all: number) => `${number} de ${count(all, 'página')}`,
  earlierPage: 'Página anterior',
  laterPage: 'Página siguiente',
  docxLooks: 'Las palabras de cada documento; su aspecto sigue siendo el del suyo.',
  letterTo: (to: readonly string[]) => `Para: ${to.join(', ')}`,
  letterNobody: 'No se puede escribir a nadie de este grupo.',
  openLetter: 'Abrir',
  openedLetter: 'abierta',
  letterOf: (whose: string) => `Carta para ${whose}`,
  letterPart: (part: number, parts: number) => `parte ${part} de ${parts}`,
  lettersDone: (done: number, all: number) =>
    `${done} de ${count(all, 'carta')} ${wordFor(all, 'abierta', 'abiertas')}`,
  openLink: 'abrir',
  copyLink: 'copiar',
  linkOf: (what: string, group: string) => `${what} el enlace de ${group}`,
  event: (when: string, minutes: string) => `${when}, ${count(Number(minutes), 'minuto')}`,
  cards: (people: number) => count(people, 'ficha'),
  save: 'Guardar',
  saveAs: (name: string) => `Guardar ${name}`,
  copy: 'Copiar',
  alsoSave: 'Guardar como archivo',
  making: (done: number) => `Haciéndolo: ${Math.round(done * 100)} %`,
  stop: 'Parar',
  stopped: 'Detenido. No se ha guardado nada.',
  failed: 'No se ha podido hacer. No se ha guardado nada; inténtelo otra vez.',
  copied: 'Copiado. Péguelo donde lo necesite.',
  notCopied: 'El navegador no ha permitido copiar. No se ha perdido nada; guárdelo como archivo.',
  before: 'Antes de que salga',
  attention: 'Atención: ',
  mend: 'Arreglarlo en la lista',
  mendHere: 'Arreglarlo aquí',
  mendDone: 'Listo',
  addressOf: (name: string) => `Correo de ${name}`,
  noAddressYet: 'sin dirección',
  useLikely: (address: string) => `Usar ${address}`,
  toGroupsPage: 'A los grupos',
  going: (students: number, groups: number) =>
    `${count(students, 'estudiante')} en ${count(groups, 'grupo')}.`,
  aside: (names: readonly string[]) =>
    `${told(names, 'estudiante')} ${are(names, 'está', 'están')} aparte y no ${are(names, 'sale', 'salen')}.`,
  away: (names: readonly string[]) =>
    `${told(names, 'estudiante')} ${are(names, 'falta', 'faltan')} hoy y no ${are(names, 'sale', 'salen')}.`,
  doubt: {
    malformedAddress: (names) => `${told(names, 'estudiante')}: la dirección no está completa.`,
    doubtfulAddress: (names) =>
      `${told(names, 'estudiante')}: la dirección es casi como la de los demás; quizá sea una errata.`,
    noAddress: (names) =>
      `${told(names, 'estudiante')} no ${are(names, 'tiene', 'tienen')} dirección.`,
    sameAddress: (names) => `${told(names, 'estudiante')} comparten una dirección.`,
    sameName: (names) =>
      `${told(names, 'estudiante')}: hay dos con el mismo nombre; el archivo no los distingue.`,
    emptyGroups: (names) => `${told(names, 'grupo')}: no hay nadie.`,
    noLead: (names) => `${told(names, 'grupo')}: sin responsable.`,
    longLinks: (names) =>
      `${told(names, 'grupo')}: el enlace pasa de 2.000 signos, y algunos programas lo cortan.`,
  } satisfies Record<OutDoubt['code'], (names: readonly string[]) => string>,
  allAddresses: 'Todos tienen dirección.',
  noAddresses: 'Solo nombres y grupos; sin direcciones.',
  nothingQuiet: 'Ni reglas, ni datos, ni notas.',
  service: {
    title: {
      rooms: 'Un servicio de salas en vivo',
      channels: 'Un servicio de canales duraderos',
    },
    address: 'Su dirección',
    noAddress: 'La dirección de un servicio empieza por https:// o http://.',
    token: 'Su clave para él',
    tokenHint: 'Se conserva solo en esta pestaña y nunca se guarda con la clase.',
    tokenKept: 'Se conserva en este navegador y nunca se guarda con la clase.',
    rememberToken: 'Conservarla en este navegador',
    practice: 'Practicar con un servicio inventado',
    createUsers: 'Crear a quienes aún no conoce',
    minutes: 'Minutos que están abiertas las salas',
    moveIn: 'Los estudiantes',
    movesIn: { automatic: 'entran directamente', invited: 'reciben una invitación' },
    mayReturn: 'Pueden volver con usted',
    open: 'Abrir las salas enseguida',
    lead: { rooms: 'Dirigir las salas', channels: 'Mirar en los espacios' },
    changes: 'Lo que cambiaría',
    before:
      'No se envía nada hasta que usted lo diga. Dé la dirección y su clave, y mire lo que cambiaría: eso solo lee.',
    look: 'Ver lo que cambiaría',
    looking: (done: number, all: number) => `Mirando: ${done} de ${count(all, 'grupo')}`,
    sending: (done: number, all: number) => `Enviando: ${done} de ${count(all, 'grupo')}`,
    send: (changes: number) =>
      changes === 0 ? 'Enviar de todos modos' : `Enviar ${count(changes, 'cambio')}`,
    notAllowed:
      'Esta página aún no habla con nadie. Para que hable con esta dirección, y con ninguna otra, se carga una vez más; lo que ha elegido se conserva.',
    allow: 'Permitir esta dirección',
    arrived: (arrived: number, refused: number) =>
      refused === 0
        ? `${count(arrived, 'estudiante')}: ${wordFor(arrived, 'ha llegado', 'han llegado')}.`
        : `${count(arrived, 'estudiante')}: ${wordFor(arrived, 'ha llegado', 'han llegado')}; ${refused} no. Arregle lo que se indica y envíe otra vez: solo sale el resto.`,
    failed:
      'Algo ha fallado de este lado; lo que el servicio había tomado se queda allí. Mire lo que cambiaría y envíe el resto.',
    elsewhere:
      'Otra pestaña está enviando este reparto ahora mismo. Mire allí, o espere a que termine.',
    cutOff: (ms: number, done: number, all: number) =>
      `Una entrega se cortó a las ${TIME.format(new Date(ms))}, tras ${done} de ${count(all, 'grupo')}. Lo que llegó está allí; al seguir se envía el resto, y nadie recibe nada dos veces.`,
    goOn: 'Seguir con ella',
    leaveIt: 'Dejarla',
    refused: 'No admitido',
    unchanged: 'sin cambios',
    lost: 'Quiénes dejarían de ver lo que escribieron:',
    losesSight: (name: string, group: string, threads: readonly string[], files: number) =>
      `${name} sale de ${group}, y ya no vería ${[
        ...(threads.length > 0
          ? [
              `${count(threads.length, 'hilo')} en ${wordFor(threads.length, 'el que', 'los que')} escribió (${listNames(threads)})`,
            ]
          : []),
        ...(files > 0 ? [`${count(files, 'archivo')} que puso allí`] : []),
      ].join(' ni ')}.`,
    joins: (name: string) => `+ ${name}`,
    leaves: (name: string) => `− ${name}`,
  },
  receipts: 'Entregas anteriores',
  receipt: {
    saved: (file: string) => `Guardado como ${file}`,
    copied: (title: string) => `${title}: copiado`,
    opened: (title: string) => `${title}: abierto`,
    sent: (to: string, arrived: number, refused: number) =>
      `Enviado a ${to}: ${arrived} ${wordFor(arrived, 'ha llegado', 'han llegado')}${refused > 0 ? `, ${refused} no` : ''}`,
  },
  receiptWhen: (moment: string, take: number) => `${MOMENT.format(new Date(moment))}, toma ${take}`,
  withAddresses: 'con direcciones',
  unchanged: 'Desde entonces no ha cambiado nada.',
  changed: 'Ha cambiado desde entonces:',
  change: {
    joins: (name: string, who: readonly string[]) =>
      `${told(who, 'estudiante')} ${are(who, 'entra', 'entran')} en ${name}`,
    leaves: (name: string, who: readonly string[]) =>
      `${told(who, 'estudiante')} ${are(who, 'sale', 'salen')} de ${name}`,
    renamed: (was: string, name: string) => `${was} se llama ahora ${name}`,
    isNew: (name: string) => `${name} es nuevo`,
    isGone: (name: string) => `${name} ya no existe`,
  },
  forget: 'Quitar este comprobante',
  zone: 'Las horas son las de este equipo.',
};

/** What only the hand-off and the command line say. */
export const handoffEs = { handoff, outIssueSentence, services, unreachedSentence };
