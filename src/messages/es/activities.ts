import type { MarkColumn, MarkOut } from '../../formats/out/marksOut';
import type { MemberMarks } from '../../schema/activity';
import { count, figureOf, listNames, shortDay, wordFor } from './words';

/** "8 oct, 11:10", of a moment on the teacher's clock. */
const moment = (at: string): string => `${shortDay(at.slice(0, 10))}, ${at.slice(11)}`;

/** A figure as it is read: at most two places. */
const figure = (value: number): string => figureOf(Math.round(value * 100) / 100);

const hours = (minutes: number): string => {
  if (minutes < 60) return count(Math.round(minutes), 'minuto');
  if (minutes < 48 * 60) return count(Math.round(minutes / 60), 'hora');
  return count(Math.round(minutes / 60 / 24), 'día');
};

/** What activities and marks say. */
export const activities = {
  title: 'Actividades',
  none: 'Una actividad es el trabajo para el que se hace un reparto: quién lo ha entregado, y cuánto ha valido.',
  back: 'Todas las actividades',
  gone: 'Esta actividad ya no existe.',
  figure,
  moment,
  noDay: 'sin día aún',
  list: {
    name: 'Actividad',
    groups: 'Se trabaja en',
    due: 'Para el',
    came: 'Entregado',
    marked: 'Calificado',
    mean: 'Media',
    cameOf: (came: number, all: number) => `${came} de ${all}`,
    percent: (value: number) => `${Math.round(value)} %`,
    nothing: '–',
    asks: (students: number) =>
      `${count(students, 'estudiante')} en otro grupo desde entonces: por decidir`,
    overTerm: 'Notas del curso',
  },
  begin: {
    title: 'Actividad nueva',
    name: '¿Cómo se llama?',
    usualName: (number: number) => `Actividad ${number}`,
    in: 'Se trabaja en',
    alone: 'cada cual por su cuenta',
    newGroups: 'grupos nuevos, aún por formar',
    due: 'Para el',
    go: 'Empezarla',
  },
  groupsOf: (lineup: string) => `los grupos de ${lineup}`,
  groupsGone: 'grupos de un reparto que ya no existe',
  alone: 'cada cual por su cuenta',
  sentence:
    'Se trabaja en {groups}, {opens}; para entregar {due}, {last}. {most}; {members}; {late}. Cuenta {weight}.',
  part: {
    groups: 'Se trabaja en',
    opens: 'Cuándo se abre',
    due: 'Para cuándo es',
    last: 'Hasta cuándo se admite',
    most: 'De qué se compone una nota',
    members: 'Cómo llegan los miembros a su nota',
    late: 'Qué quita el retraso',
    weight: 'Cuánto cuenta en el curso',
  },
  opensOf: (opens: string | null, open: boolean) =>
    open
      ? opens === null
        ? 'abierta'
        : `abierta desde el ${moment(opens)}`
      : opens === null
        ? 'aún sin abrir'
        : `se abre el ${moment(opens)}`,
  dueOf: (due: string | null) => (due === null ? 'sin día aún' : `el ${moment(due)}`),
  lastOf: (last: string | null) =>
    last === null ? 'admitida por tarde que llegue' : `admitida hasta el ${moment(last)}`,
  mostOf: (most: number, criteria: number) =>
    criteria === 0
      ? `Notas de hasta ${count(most, 'punto')}`
      : `Notas de hasta ${count(most, 'punto')}, por ${count(criteria, 'criterio')}`,
  membersOf: {
    same: 'los miembros tienen la nota de su grupo',
    points: 'los miembros tienen la nota de su grupo, con puntos de más o de menos',
    shares: 'los miembros comparten la nota según lo que yo diga que hizo cada cual',
    answers: 'los miembros comparten la nota según lo que digan unos de otros',
    own: 'cada miembro tiene su propia nota',
  } satisfies Record<MemberMarks, string>,
  membersAlone: 'cada cual tiene su propia nota',
  lateOf: (
    late: {
      readonly percent: number;
      readonly every: 'hour' | 'day';
      readonly upTo: number;
    } | null,
  ) =>
    late === null
      ? 'el retraso no quita nada'
      : `el retraso quita el ${figure(late.percent)} % de los puntos máximos por cada ${late.every === 'hour' ? 'hora empezada' : 'día empezado'}, el ${figure(late.upTo)} % como mucho`,
  weightOf: (weight: number) =>
    weight === 0
      ? 'nada en el curso'
      : weight === 1
        ? 'una vez'
        : `${figure(weight)} ${wordFor(weight, 'vez', 'veces')}`,
  settings: {
    openNow: 'Abrirla ahora',
    opensAt: 'Se abre sola el',
    openNote:
      'Desde que se abre, la actividad conserva estos grupos, pase lo que pase con el reparto. Se pregunta por los cambios del reparto.',
    groupsFixed:
      'Ya se ha abierto, y el trabajo tiene su sitio en estos grupos. Para trabajar en otros, haga abajo la misma actividad una vez más.',
    noGroups: 'Este reparto aún no tiene grupos.',
    toGroups: 'Formar los grupos',
    at: 'Día y hora',
    none: 'Ninguno',
    most: 'Puntos máximos',
    step: 'Las notas calculadas se redondean a',
    criterion: 'Criterio',
    criterionText: 'qué pide',
    criterionMost: 'Puntos máximos',
    addCriterion: 'Añadir un criterio',
    usualCriterion: (number: number) => `Criterio ${number}`,
    removeCriterion: (name: string) => `Quitar ${name}`,
    criteriaHint: 'Con criterios, una nota es la suma de ellos; sin criterios, una sola cifra.',
    strength: 'Cuánto mueven las notas las partes, en tanto por ciento',
    bound:
      'Ninguna nota se aleja de la del grupo más de, en tanto por ciento de los puntos máximos',
    percent: 'Tanto por ciento de los puntos máximos',
    every: 'Por cada',
    everyOf: { hour: 'hora empezada', day: 'día empezado' },
    upTo: 'Como mucho, en tanto por ciento',
    lateNone: 'Nada',
    lateSome: 'Algunos puntos',
    weight: 'Peso',
    rule: {
      same: 'Todos los de un grupo tienen su nota.',
      points:
        'Junto a cada miembro usted escribe puntos de más o de menos. Ninguna nota baja de 0 ni pasa del máximo.',
      shares:
        'Junto a cada miembro usted escribe cuánto del trabajo hizo, en tanto por ciento; quienes quedan en blanco comparten el resto por igual. Quien hizo una parte igual tiene la nota del grupo; una parte mayor da más, una menor da menos. Las notas de un grupo suman siempre lo que da la suya.',
      answers:
        'Cada miembro reparte 100 puntos entre los demás. Lo que se da a sí mismo no se lee, y quien no dice nada cuenta como si hubiera repartido por igual, de modo que una respuesta que falta no perjudica a nadie. Una parte mayor da más que la nota del grupo, una menor da menos; las notas suman siempre lo que da la del grupo.',
      own: 'Junto a cada miembro usted escribe su propia nota; quien no la tiene, lleva la del grupo.',
    } satisfies Record<MemberMarks, string>,
  },
  bad: {
    noFigure: (given: string) => `«${given}» no es un número. Se ha conservado lo que había.`,
    below: (given: string, least: number) =>
      least === 0
        ? `${given} está por debajo de 0. Se ha conservado lo que había.`
        : `${given} es menos que ${figure(least)}. Se ha conservado lo que había.`,
    over: (given: string, most: number) =>
      `${given} pasa del máximo, ${figure(most)}. Se ha conservado lo que había.`,
    overNow: (value: number, most: number) =>
      `${figure(value)} pasa del máximo actual, ${figure(most)}: cuenta como ${figure(most)}.`,
    dueBeforeOpening: (due: string, opens: string) =>
      `El ${moment(due)} es antes de que se abra, el ${moment(opens)}. Se ha conservado el día que había.`,
    lastBeforeDue: (last: string, due: string) =>
      `El ${moment(last)} es antes de la entrega, el ${moment(due)}. Se ha conservado el día que había.`,
    opensAfterDue: (opens: string, due: string) =>
      `El ${moment(opens)} es después de la entrega, el ${moment(due)}. Se ha conservado el día que había.`,
    noMoment: 'Esto no es un día y una hora. Se ha conservado lo que había.',
    noPoints: (given: string) =>
      `«${given}» no es un número mayor que 0. Se ha conservado lo que había.`,
  },
  grid: {
    title: 'Lo entregado, y notas',
    keysAlone: 'Intro o ↓ va a la fila siguiente, ↑ a la anterior, ← → a los lados.',
    keys: 'Intro o ↓ va a la fila siguiente, ↑ a la anterior, ← → a los lados; Alt ↓ abre un grupo, Alt ↑ lo cierra.',
    group: 'Grupo',
    student: 'Estudiante',
    came: 'Entregado',
    mark: 'Nota',
    of: (most: number) => `de ${figure(most)}`,
    off: 'Retraso',
    end: 'Al final',
    comment: 'Comentario',
    lead: (name: string) => `responsable: ${name}`,
    open: (name: string) => `Miembros de ${name}`,
    cell: (who: string, column: string) => `${who}: ${column}`,
    hints: { points: '±', own: 'propia', shares: '%' },
    up: 'De más o de menos',
    share: 'Parte, %',
    own: 'Nota propia',
    part: 'Parte',
    state: 'Presencia',
    states: { there: 'participó', excused: 'con justificante', absent: 'ausente' },
    partOf: (part: number) => `${Math.round(part * 100)} %`,
    partHint: 'El 100 % es una parte igual.',
    markState: {
      marked: '',
      missing: 'sin nota aún',
      excused: 'con justificante',
      absent: 'ausente: 0',
    } satisfies Record<MarkOut['state'], string>,
    offOf: (points: number) => `−${figure(points)}`,
    split: (name: string) => `y una parte de la nota de ${name}`,
    show: 'Mostrar',
    shows: (all: number, notYet: number, toMark: number, marked: number) => ({
      all: `todos, ${all}`,
      notYet: `sin entregar (${notYet})`,
      toMark: `por calificar (${toMark})`,
      marked: `con nota (${marked})`,
    }),
    nothingHere: 'Ahora ninguno.',
    cameState: { no: 'todavía no', in: 'entregado', seen: 'visto', returned: 'devuelto' },
    cameAt: (who: string) => `Cuándo se entregó el trabajo de ${who}`,
    cameWhen: (at: string | null) => (at === null ? '¿cuándo?' : moment(at)),
    late: (minutes: number) => `${hours(minutes)} tarde`,
    tooLate: (minutes: number) => `${hours(minutes)} tarde, pasado el último día`,
    empty: 'En la actividad aún no hay nadie.',
  },
  changed: {
    title: (students: number, lineup: string) =>
      `${lineup} ha cambiado: ${count(students, 'estudiante')} ${wordFor(students, 'está', 'están')} ahora en otro grupo`,
    text: 'La actividad conserva los grupos con los que se abrió hasta que usted decida.',
    move: (name: string, from: string | null, to: string | null) =>
      from === null
        ? `${name} aparece por primera vez, en ${to ?? ''}.`
        : to === null
          ? `${name} ya no está en ningún grupo; era ${from}.`
          : `${name}: estaba en ${from}, ahora en ${to}.`,
    decision: {
      stay: 'Se queda',
      go: 'Cambia también',
      split: 'Media nota de cada uno',
    } satisfies Record<'stay' | 'go' | 'split', string>,
    all: { stay: 'Se quedan todos', go: 'Cambian todos también' },
    of: (decision: string, name: string) => `${decision}: ${name}`,
    done: (students: number) => `Decidido sobre ${count(students, 'estudiante')}.`,
  },
  splitRow: (name: string, first: string, second: string) =>
    `${name} tiene una parte de dos notas: ${first} y ${second}. La primera parte, en tanto por ciento`,
  texts: {
    instructions: 'Instrucciones',
    instructionsHint: 'Markdown: títulos, listas, **negrita**, enlaces.',
    change: 'Cambiar',
    done: 'Listo',
    onStage: 'Ponerlas en el escenario',
    onStageDone: (lineup: string) => `El escenario muestra estas instrucciones con ${lineup}.`,
    handout: 'Hoja para cada grupo',
    handoutHint:
      'Campos como {{group}}, {{members}}, {{lead}}, {{place}} e {{instructions}} se rellenan para cada grupo.',
    usualHandout: '# {{group}}\n\n- {{members}}\n\n{{instructions}}\n',
    save: { 'pack-html': 'Guardar como páginas', 'pack-docx': 'Guardar como documentos' },
    fileName: (activity: string) => `${activity}, hojas`,
    saved: (groups: number) => `Se han guardado hojas para ${count(groups, 'grupo')}.`,
  },
  letters: {
    none: 'Se ha entregado todo.',
    to: 'Para',
    toOf: { lead: 'la persona responsable', group: 'todo el grupo' },
    template: 'Texto',
    templateHint:
      'Se guarda para la clase. {{activity}}, {{due}}, {{group}}, {{members}} y {{lead}} se rellenan en cada carta.',
    usual: (isDue: boolean) =>
      `Subject: {{activity}}: {{group}}\n\nHola:\n\nTodavía no ha llegado {{activity}} de {{group}}${isDue ? ', que era para el {{due}}' : ''}. ¿Hay algo que os lo impida?\n`,
    write: (name: string) => `Escribir a ${name}`,
    part: (name: string, number: number) => `Escribir a ${name}, carta ${number}`,
    nobody: (names: readonly string[]) =>
      `No se puede escribir a nadie de ${listNames(names)}: no hay dirección, o no hay responsable.`,
    masked: 'Ahora los nombres están ocultos; las cartas se escriben cuando se muestran.',
    opened: 'abierta',
  },
  files: {
    hint: 'Solo se leen los nombres y las fechas de los archivos; lo que contienen se queda donde está.',
    open: 'Elegir archivos',
    folder: 'Elegir una carpeta',
    found: (files: number, sure: number) =>
      `${count(files, 'archivo')}; de ${sure} está claro de quién son.`,
    doubt: (file: string) => `¿De quién es ${file}?`,
    nobody: 'de nadie',
    newest: (name: string, files: number, at: string) =>
      `${name}: ${count(files, 'archivo')}, el más nuevo del ${moment(at)}`,
    go: (groups: number) =>
      `Anotar que ${groups} ${wordFor(groups, 'ha entregado', 'han entregado')}`,
    leave: 'Dejarlo',
    done: (groups: number) =>
      `Anotado que ${groups} ${wordFor(groups, 'ha entregado', 'han entregado')} su trabajo.`,
  },
  channels: {
    ask: 'Mirar en los espacios de grupo',
    nothing: 'En los espacios de grupo de este reparto no se ha dejado nada.',
    done: (groups: number) =>
      `Anotado lo que ${count(groups, 'grupo')} ${wordFor(groups, 'dejó', 'dejaron')} en su espacio.`,
    notConnected: 'No hay espacios de grupo conectados; eso se hace en Entrega.',
    token: (address: string) =>
      `Para mirar en los espacios de grupo de ${address} hace falta su clave. Se queda en esta pestaña.`,
    tokenLabel: 'Clave',
    failed:
      'No se ha podido llegar a los espacios de grupo. No se ha cambiado nada; inténtelo otra vez dentro de un momento.',
  },
  sheet: {
    save: {
      csv: 'Guardar como CSV',
      xlsx: 'Guardar como libro de cálculo',
      json: 'Guardar como JSON',
    },
    layout: 'Columnas',
    columns: 'Columnas y sus títulos',
    earlier: (name: string) => `${name} más hacia delante`,
    heading: (name: string) => `Título de ${name}`,
    take: (name: string) => `Columna ${name}`,
    decimal: 'Decimales con',
    decimalOf: { '.': 'punto', ',': 'coma' },
    slips: 'Papeletas para imprimir',
    fileName: (className: string, activity: string) => `${className}, ${activity}, notas`,
    text: 'Pegue la hoja, o abra un archivo',
    hint: 'Una fila por persona, con un número, una dirección o un nombre, y una columna de notas.',
    open: 'Abrir un archivo',
    leave: 'Dejarlo',
    column: 'Las notas están en',
    noColumn: 'En esta hoja no hay ninguna columna de cifras. No se ha cambiado nada.',
    choose: 'Elija una columna',
    unnamed: (number: number) => `columna ${number}`,
    unknown: (name: string, row: number) =>
      `Fila ${row}, ${name}: no es un estudiante de esta actividad. Queda fuera.`,
    doubtful: (name: string, row: number) =>
      `Fila ${row}, ${name}: puede ser más de una persona. Queda fuera; un número o una dirección las distingue.`,
    twice: (name: string, rows: readonly number[]) =>
      `Las filas ${listNames(rows.map(String))} son de ${name}, con notas distintas. No se ha tomado ninguna.`,
    cell: (name: string, row: number, why: string) => `Fila ${row}, ${name}: ${why}`,
    noFigure: (given: string) => `«${given}» no es una nota. Queda fuera.`,
    below: (given: string) => `${given} está por debajo de 0. Queda fuera.`,
    over: (given: string, most: number) =>
      `${given} pasa del máximo, ${figure(most)}. Queda fuera.`,
    tooMuch: (name: string, off: number, left: number) =>
      `${name}: el retraso quita ${figure(off)}, así que ${figure(left)} es lo máximo que puede quedar. Queda fuera.`,
    stuck:
      'Estas notas no pueden darse todas a la vez con lo que está dividido o apartado. No se ha cambiado nada.',
    changes: (changes: number) =>
      changes === 0 ? 'La hoja dice lo que ya hay aquí.' : `Lo que cambia (${changes})`,
    change: (name: string, from: string, to: string) => `${name}: ${from} → ${to}`,
    none: 'ninguna',
    becomesOwn:
      'Los miembros de un grupo difieren: desde entonces cada cual tiene su propia nota, empezando por la que tiene ahora.',
    blank: (students: number) =>
      `${count(students, 'fila')} sin nota: las suyas se quedan como están.`,
    go: (changes: number) => `Tomar ${count(changes, 'nota')}`,
    done: (changes: number) => `${count(changes, 'nota tomada', 'notas tomadas')}.`,
    moreTold: (number: number) => `y ${number} más`,
    excused: ['con justificante', 'justificado', 'justificada', 'just', 'j'],
    absent: ['ausente', 'aus', 'a'],
  },
  out: {
    headings: {
      number: 'Número',
      name: 'Nombre completo',
      givenName: 'Nombre',
      familyName: 'Apellidos',
      email: 'Dirección',
      section: 'Sección',
      group: 'Grupo',
      marks: 'Nota',
      percent: 'Tanto por ciento',
      mean: 'Media, %',
      missing: 'Faltan',
      comment: 'Comentario',
    } satisfies Record<MarkColumn, string>,
    state: (state: MarkOut['state']) =>
      ({ marked: '', missing: '', excused: 'con justificante', absent: 'ausente' })[state],
    sheet: 'Notas',
    of: (heading: string, activity: string) => `${activity}, ${heading}`,
  },
  shares: {
    given: (given: number, all: number) => `${given} de ${all} han respondido.`,
    missing: (names: readonly string[]) =>
      `Sin respuesta de ${listNames(names)}; cuenta como por igual.`,
    cell: (from: string, to: string) => `${from} da a ${to}`,
    from: 'De',
    outlier: 'muy alejada',
    outlierHint:
      'Muy alejada: difiere en más de media parte igual de lo que dan los demás. Solo la ve usted; cuenta hasta que usted aparte la respuesta.',
    counts: 'Cuenta',
    self: 'no se lee',
    count: (name: string) => `Contar lo que dice ${name}`,
    template: 'Guardar una hoja para rellenar',
    templateName: (activity: string) => `${activity}, puntos entre compañeros`,
    takeIn: 'Leer sus respuestas de una hoja',
    text: 'Pegue las respuestas, o abra un archivo',
    open: 'Abrir un archivo',
    leave: 'Dejarlo',
    hint: 'Una fila por cada persona que responde; una columna por cada persona sobre la que se responde, con su nombre arriba.',
    found: (answers: number) =>
      `${count(answers, 'respuesta encontrada', 'respuestas encontradas')}.`,
    noAnswers: 'Ninguna columna lleva arriba el nombre de un miembro. No se ha cambiado nada.',
    bad: (from: string, to: string, given: string) =>
      `${from} sobre ${to}: «${given}» no es un número desde 0. Queda fuera.`,
    notTogether: (from: string, to: string) =>
      `${from} sobre ${to}: no están en un mismo grupo. Queda fuera.`,
    go: (answers: number) => `Tomar ${count(answers, 'respuesta')}`,
    done: (answers: number) => `${count(answers, 'respuesta tomada', 'respuestas tomadas')}.`,
  },
  chart: {
    title: 'Notas de cada grupo, de la más baja a la más alta de sus miembros',
    group: (name: string, low: string, high: string, mean: string) =>
      `${name}: de ${low} a ${high}, media ${mean}`,
  },
  onceMore: {
    name: 'Nombre',
    forClass: 'Para la clase',
    go: 'Hacerla',
    done: (name: string) => `${name} está hecha.`,
    series: (series: string, lineups: number) =>
      `Para cada uno de los ${count(lineups, 'reparto')} de ${series}`,
    seriesName: (activity: string, lineup: string) => `${activity}, ${lineup}`,
    seriesDone: (activities: number) =>
      `${count(activities, 'actividad hecha', 'actividades hechas')}.`,
    note: 'Las instrucciones, los criterios y las reglas van con ella; las notas y lo entregado, no.',
  },
  besideTitle: 'Más sobre esta actividad',
  beside: {
    texts: 'Instrucciones',
    handout: 'Hojas',
    letters: 'Escribir a quien falta',
    files: 'Anotar desde archivos',
    shares: 'Partes según los miembros',
    save: 'Sacar notas',
    read: 'Traer notas',
    spread: 'Dispersión',
    onceMore: 'Una vez más',
  },
  remove: 'Eliminar esta actividad',
  removed: (name: string) => `Se ha eliminado ${name}, con sus notas.`,
  term: {
    title: 'Notas del curso',
    none: 'Las notas aparecen aquí en cuanto haya una actividad.',
    student: 'Estudiante',
    mean: 'Media',
    missing: 'Faltan',
    carried: 'Parte del trabajo',
    carriedHint:
      'Cuánto del trabajo de sus grupos hizo cada cual, donde se preguntó por las partes; el 100 % es una parte igual.',
    order: 'Orden',
    orders: {
      name: 'por nombre',
      mean: 'por media',
      missing: 'por lo que falta',
      carried: 'por parte del trabajo',
    },
    weightHint:
      'La media es de los tantos por ciento, cada uno con su peso. Lo justificado no cuenta, lo ausente cuenta como 0, lo que falta se dice y no cuenta.',
    fileName: (className: string) => `${className}, notas`,
    cell: (points: number, most: number) => `${figure(points)} de ${figure(most)}`,
  },
  slips: {
    title: (activity: string) => `Papeletas: ${activity}`,
    page: 'Papeletas',
    for: 'Para',
    everybody: 'todos, una papeleta cada cual',
    groups: 'cada grupo, solo su nota',
    choose: 'elija de quién es la papeleta',
    print: 'Imprimir',
    back: 'Volver a la actividad',
    pages: (pages: number) => count(pages, 'página'),
    nothing:
      'Elija de quién es la papeleta que se imprime. Las notas de nadie están en la papeleta de otra persona.',
  },
};
