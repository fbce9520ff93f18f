import { count, listNames, wordFor } from './words';

const SHORT = new Intl.DateTimeFormat('es', { day: 'numeric', month: 'short' });
const LONG = new Intl.DateTimeFormat('es', {
  ...{ weekday: 'short', day: 'numeric', month: 'short' },
});
/** A day (YYYY-MM-DD) at noon, so that no zone makes another of it. */
const noon = (day: string): Date => new Date(`${day}T12:00:00`);

const orders = {
  name: 'por nombre',
  section: 'por sección',
  met: 'antes quienes menos compañeros han tenido',
  repeats: 'antes quienes más repiten',
  small: 'antes quienes más han estado en un grupo menor',
  lead: 'antes quienes menos han dirigido',
};

/** What the view of the term says. */
export const term = {
  page: 'Curso',
  title: 'El curso',
  none: 'Aún no se ha usado ni planificado nada. Un reparto cuenta en cuanto se muestra, se imprime o se entrega; las rondas planificadas también aparecen aquí.',
  toGroups: 'Formar grupos',
  plan: {
    sentence:
      'Planificar {rounds} de {sizing}, {every} desde el {from}, {notOn}; compañeros nuevos, {mix}, {roles}.',
    sentenceWithoutDays:
      'Planificar {rounds} de {sizing}, {every}; compañeros nuevos, {mix}, {roles}.',
    rounds: (rounds: number) => count(rounds, 'ronda'),
    roundsLabel: 'Cuántas rondas',
    fewer: 'Una ronda menos',
    more: 'Una ronda más',
    tooMany: (most: number) => `Se pueden planificar de 1 a ${most} rondas a la vez.`,
    sizingLabel: 'De qué tamaño son los grupos',
    by: { count: 'tantos grupos', size: 'tantas personas en cada uno' },
    number: 'Cuántos',
    tooSmall: 'Al menos uno.',
    every: {
      week: 'cada semana',
      twoWeeks: 'cada dos semanas',
      day: 'cada día de clase',
      none: 'en días que usted elija',
    },
    everyLabel: 'Cuándo',
    from: (day: string) => LONG.format(noon(day)),
    fromLabel: 'El primer día',
    notOn: (days: number) =>
      days === 0 ? 'sin saltar ningún día' : `saltando ${count(days, 'día')}`,
    notOnLabel: 'Días en que no hay',
    notOnHint:
      'Un día por línea, como 2026-10-29; de una semana o más, el primero y el último: 2026-10-26 a 2026-10-30.',
    openCalendar: 'Tomar días de un archivo de calendario',
    calendarRead: (name: string, days: number | null) =>
      days === null
        ? `${name} no es un calendario que se pueda leer. Los días de arriba se quedan como están.`
        : days === 0
          ? `${name} no tiene nada a partir del primer día.`
          : `${count(days, 'día tomado', 'días tomados')} de ${name}.`,
    notOnUnread: (line: string) => `«${line}» no es un día.`,
    mix: (details: readonly string[]) =>
      details.length === 0 ? 'sin mezclar nada' : `mezclando ${listNames(details)}`,
    mixLabel: 'Qué se mezcla en cada ronda',
    mixNothing: 'La clase aún no tiene datos. Llegan con la lista.',
    lead: 'responsable',
    inTurn: (roles: readonly string[]) =>
      roles.length === 0 ? 'sin dar funciones' : `${listNames(roles)} por turnos`,
    inTurnLabel: 'Funciones que van rotando',
    inTurnHint:
      'Entre todas las rondas, y las ya usadas, cada cual tiene una función tantas veces como los demás, hasta donde permiten los grupos.',
    recipe: (name: string) =>
      `Las reglas discretas se cumplen en cada ronda; los límites, la afinidad y los nombres de los grupos vienen de ${name}.`,
    outlook: (sizes: string, students: number) => `${sizes} con ${count(students, 'estudiante')}.`,
    sizes: (groups: number, size: number) => `${count(groups, 'grupo')} de ${size}`,
    days: (first: string, last: string) =>
      first === last
        ? LONG.format(noon(first))
        : `Del ${LONG.format(noon(first))} al ${LONG.format(noon(last))}.`,
    taken: (days: readonly string[], of: number) =>
      days.length === 1 || days.length < of
        ? `La clase ya tiene grupos el ${listNames(days.map((day) => SHORT.format(noon(day))))}; los nuevos se añaden a su lado.`
        : `La clase ya tiene grupos los ${of} días; los nuevos se añaden a su lado.`,
    beginAfter: (day: string) => `Empezar después, el ${LONG.format(noon(day))}`,
    met: (met: number, others: number) =>
      met >= others
        ? 'Al final cada cual puede haber trabajado con todos.'
        : `Al final cada cual puede haber trabajado con ${met} de los otros ${others}.`,
    fresh: (most: number, rounds: number) =>
      most >= rounds
        ? 'No hace falta que ninguna pareja coincida dos veces.'
        : most === 0
          ? 'Ya la próxima ronda repite alguna pareja.'
          : `Sin repetir solo ${wordFor(most, 'es posible', 'son posibles')} ${count(most, 'ronda')}.`,
    repeats: (pairs: number) =>
      `Al menos ${count(pairs, 'pareja')} ${wordFor(pairs, 'volverá', 'volverán')} a coincidir.`,
    noGroups: 'Así no se pueden formar grupos.',
    go: (rounds: number) => `Planificar ${count(rounds, 'ronda')}`,
    working: (done: number) => `Planificando… ${Math.round(done * 100)} %`,
    stop: 'Parar',
    clash:
      'Las reglas no pueden cumplirse todas en cada ronda. Forme una vez grupos de este tamaño en la página de grupos: allí se nombran las que chocan.',
    failed: 'La planificación se ha cortado. No se ha cambiado nada; inténtelo otra vez.',
    done: (rounds: number) => `${count(rounds, 'ronda planificada', 'rondas planificadas')}.`,
    round: (number: number) => `Ronda ${number}`,
    day: (day: string) => LONG.format(noon(day)),
    series: (day: string) => `Planificado el ${SHORT.format(noon(day))}`,
  },
  ahead: {
    title: 'Lo que queda por delante',
    text: (rounds: number) =>
      `${count(rounds, 'ronda planificada y aún no usada', 'rondas planificadas y aún no usadas')}.`,
    missing: (names: readonly string[]) =>
      `${listNames(names)} no ${names.length === 1 ? 'está' : 'están'} en ninguna.`,
    gone: (names: readonly string[]) =>
      `${listNames(names)} aún ${names.length === 1 ? 'está' : 'están'} en ellas.`,
    mend: 'Arreglar con los menos cambios',
    replan: 'Planificarlas de nuevo',
    drop: 'Quitarlas',
    replanned: (rounds: number, students: number) =>
      `${count(rounds, 'ronda rehecha', 'rondas rehechas')}; ${count(students, 'estudiante')} ${wordFor(students, 'tiene', 'tienen')} otros compañeros en alguna. Las usadas se quedan.`,
    changed: (names: readonly string[]) =>
      names.length === 0
        ? 'Nadie tiene compañeros distintos de antes.'
        : `Compañeros distintos de antes, al menos en una ronda: ${listNames(names)}.`,
    dropped: (rounds: number) => `${count(rounds, 'ronda quitada', 'rondas quitadas')}.`,
  },
  days: {
    title: 'Próximos días',
    none: 'No hay nada planificado. Planifique rondas en la frase de arriba, o ponga aquí un reparto en un día.',
    dayOf: (name: string, at: number) => (at === 0 ? `Día de ${name}` : `Día ${at + 1} de ${name}`),
    giveDay: 'Darle un día',
    anotherDay: 'Un día más',
    notThen: 'Entonces no',
    fallsOut: 'Se suspende',
    takeOut: 'Fuera del curso',
    movedOn: (rounds: number) => `${count(rounds, 'ronda aplazada', 'rondas aplazadas')}.`,
    put: 'Poner en el curso',
    on: 'El día',
    putGo: 'Ponerlo ahí',
  },
  past: {
    title: 'Traer semanas anteriores',
    text: 'Una lista con una columna por semana',
    hint: 'Péguela desde una hoja de cálculo: nombres, y en cada columna el grupo en que estaba cada cual; en blanco, quien faltó.',
    open: 'Abrir un archivo',
    leave: 'Ahora no',
    noColumn:
      'Ninguna columna de esta lista dice grupos: en ninguna comparten las personas un nombre o un número.',
    noHeading: (number: number) => `Columna ${number}`,
    matched: (matched: number, unknown: readonly string[]) =>
      unknown.length === 0
        ? wordFor(
            matched,
            'La única persona está en la clase.',
            `Los ${matched} están en la clase.`,
          )
        : `${count(matched, 'estudiante')} de la clase. No están en ella, y quedan fuera: ${listNames(unknown)}.`,
    dayOf: (heading: string) => `Día de ${heading}`,
    groups: (groups: number, students: number) =>
      `${count(groups, 'grupo')}, ${count(students, 'estudiante')}`,
    group: (name: string) => (/^\d+$/.test(name) ? `Grupo ${name}` : name),
    go: (lineups: number) =>
      `Guardar ${count(lineups, 'reparto')} como ${wordFor(lineups, 'usado', 'usados')}`,
    done: (lineups: number) =>
      `${count(lineups, 'reparto guardado', 'repartos guardados')}. Cuentan para los compañeros nuevos.`,
  },
  order: 'Estudiantes',
  orders,
  table: 'Dónde estuvo cada cual, reparto a reparto',
  student: 'Estudiante',
  column: { used: 'usado', planned: 'previsto' },
  day: (day: string) => SHORT.format(noon(day)),
  noDay: 'sin día',
  open: (name: string) => `Abrir ${name}`,
  columnRepeats: (pairs: number) => (pairs === 0 ? 'todo nuevo' : `${pairs} otra vez`),
  columnSpoken: (pairs: number) => `${count(pairs, 'pareja')} otra vez`,
  partners: 'Compañeros',
  met: (met: number, will: number, others: number) =>
    will > met ? `${met} → ${will} de ${others}` : `${met} de ${others}`,
  metSpoken: (met: number, will: number, others: number) =>
    `ha coincidido con ${met} de ${others}${will > met ? `, ${will} con lo previsto` : ''}`,
  repeats: 'Repite',
  turns: (role: string) => role,
  turnsSpoken: (role: string) => `turnos de ${role}`,
  sameGroups: 'mismos grupos',
  cell: (group: string, roles: readonly string[], again: boolean) =>
    [group, ...roles, ...(again ? ['repite compañero'] : [])].join(', '),
  notThere: 'no estaba',
  dot: 'Un punto: con alguien con quien ya había trabajado. Una estrella: dirigió el grupo.',
  select:
    'Pulse un nombre para ver con quién no ha coincidido aún; con Mayús, un segundo para ver qué comparten.',
  notMet: (name: string) => `${name} no ha trabajado con`,
  metAll: (name: string) => `${name} ha trabajado con todos.`,
  withPlanned: 'Lo previsto también cuenta.',
  share: (one: string, two: string) => listNames([one, two]),
  shareNothing: 'no han trabajado en un mismo grupo, ni está previsto.',
  showChart: 'Ver cómo crecen los compañeros',
  chart: 'Compañeros conocidos, de media',
  chartBest: 'lo máximo posible',
  chartMade: 'conocidos',
  out: 'El curso como',
  saveAs: { csv: 'una tabla (CSV)', xlsx: 'un libro de cálculo', ics: 'un calendario de sus días' },
  print: 'Imprimir',
  fileName: (name: string) => `${name}, curso`,
  saved: {
    student: 'estudiante',
    met: 'compañeros conocidos',
    willMeet: 'con lo previsto',
    repeats: 'repeticiones',
    small: 'veces en un grupo menor',
    turns: (role: string) => `veces ${role}`,
    byStudent: 'Por estudiante',
    byLineup: 'Por reparto',
    lineup: 'reparto',
    day: 'día',
    state: 'estado',
    group: 'grupo',
    roles: 'funciones',
  },
};
