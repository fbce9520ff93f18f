import { count, eitherOf, listNames, longDay, wordFor } from './words';

const ONE_DIGIT = new Intl.NumberFormat('es', { maximumFractionDigits: 1 });

export const roster = {
  unnamedColumn: 'Columna {}',
  title: 'Lista de clase',
  pasteFirst: 'Pegue su lista de clase',
  pasteMore: 'Añadir estudiantes',
  pasteHint:
    'Una persona por línea, filas de una hoja de cálculo, o cualquier lista de nombres y direcciones. O suelte aquí un archivo.',
  pasteExample: 'Amira Haddad\nBram Visser <bram.visser@example.org>\nChipo Dube',
  read: (number: number) => `${count(number, 'estudiante leído', 'estudiantes leídos')}.`,
  takeIn: (added: number, updated: number, gone: number, groups: number) => {
    const parts = [
      added > 0 ? `añadir ${count(added, 'estudiante')}` : '',
      updated > 0 ? `actualizar ${count(updated, 'estudiante')}` : '',
      gone > 0 ? `marcar ${gone} de baja` : '',
      groups > 0 ? `guardar ${count(groups, 'grupo')}` : '',
    ].filter(Boolean);
    const sentence = parts.length === 0 ? 'añadir' : listNames(parts);
    return `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}`;
  },
  firstLines: (shown: number, all: number) => `Las primeras ${shown} de ${count(all, 'línea')}`,
  editAsText: 'Editar como texto',
  takingIn: (number: number) => `Añadiendo ${count(number, 'estudiante')}…`,
  answerFirst: (number: number) => `Responda antes ${count(number, 'pregunta')}`,
  takenIn: (added: number, updated: number, gone: number) =>
    [
      added > 0 ? `${count(added, 'estudiante añadido', 'estudiantes añadidos')}.` : '',
      updated > 0 ? `${count(updated, 'estudiante actualizado', 'estudiantes actualizados')}.` : '',
      gone > 0 ? `${count(gone, 'estudiante')} de baja.` : '',
    ]
      .filter(Boolean)
      .join(' '),
  groupsFound: 'Esta lista dice quién está con quién. ¿Hacer de ella un reparto?',
  groupsNone: 'no',
  groupsLineup: (heading: string, groups: number) =>
    heading === ''
      ? `sí, con sus ${count(groups, 'grupo')}`
      : `sí, según ${heading} (${count(groups, 'grupo')})`,
  groupCalled: (name: string) => (/^\d+$/.test(name) ? `Grupo ${name}` : name),
  lineupMade: (groups: number, lineup: string) =>
    `${count(groups, 'grupo')}: guardados como el reparto ${lineup}.`,
  openFile: 'Abrir un archivo',
  fileTrouble: (name: string, trouble: string) => `${name}: ${trouble}`,
  fileUnread: (name: string) =>
    `No se ha podido leer ${name}; quizá se ha movido o cambiado. Lo que hay en el cuadro se conserva; abra el archivo otra vez.`,
  fileLeft: (name: string) =>
    `No se ha leído ${name}, porque entretanto cambió el texto. El texto se conserva; abra otra vez el archivo para ponerlo en su lugar.`,
  sheets: 'Hoja:',
  allSheets: 'Todas juntas',
  files: (number: number) => `${number} archivos`,
  reading: 'Leyendo…',
  wrongLetters:
    'No se han podido leer algunas letras (�). El texto se conserva; lea el archivo con otra codificación, o corrija aquí las letras, antes de tomar los nombres.',
  unchanged: 'La clase está justo como en esta lista: no hay nada que cambiar.',
  shapeLabel: 'Leer como',
  shape: {
    names: 'nombres, línea a línea',
    cards: 'una línea por cada dato',
    cellLines: 'una línea por cada celda',
    tab: 'columnas entre tabuladores',
    semicolon: 'columnas entre puntos y comas',
    comma: 'columnas entre comas',
    bar: 'columnas entre barras verticales',
    blanks: 'columnas entre espacios',
    dashes: 'dos columnas, entre guiones o dos puntos',
    groupRows: 'un grupo en cada fila',
    groupColumns: 'un grupo en cada columna',
    halves: 'mitades de una tabla, una junto a otra',
    ledRows: 'filas que empiezan por un grupo',
    numberedHalves: 'nombres numerados en varias columnas',
    lettered: 'una hoja con sus letras y números',
    seats: 'un plano de asientos',
    places: 'filas o columnas numeradas',
    pairRows: 'una pareja en cada fila',
    turned: 'una columna para cada estudiante',
    repeatedRows: 'varias filas por cada estudiante',
  },
  namesTitle: (number: number) => `${count(number, 'nombre')} en esta lista`,
  known: 'ya está en la clase',
  leaveOut: 'Dejar fuera',
  leaveOutOne: (name: string) => `Dejar fuera a ${name}`,
  leftByHand: 'lo ha dejado fuera usted',
  takeBack: 'Volver a tomar',
  otherClass: (title: string, students: number) =>
    `Casi nadie de esta lista está en ${title}. ${students === 1 ? '¿Es alguien nuevo' : `¿Son nuevos los ${students}`}, o es la lista de otra clase?`,
  thisClass: 'Son nuevos: van aquí',
  anotherClass: 'Hacer otra clase con la lista',
  anotherClassName: 'Clase nueva',
  columns: 'Cómo se leen las columnas',
  headingLabel: 'Encabezados',
  noHeading: 'no hay',
  headingOnLine: (line: number) => `en la línea ${line}`,
  columnIs: (heading: string, number: number) =>
    heading === '' ? `La columna ${number} es` : `La columna «${heading}» es`,
  columnName: (number: number) => `Columna ${number}`,
  columnRole: {
    fullName: 'nombre completo',
    givenName: 'nombre',
    familyName: 'apellidos',
    preferredName: 'nombre preferido',
    email: 'correo electrónico',
    externalId: 'número de estudiante',
    section: 'sección',
    role: 'función',
    status: 'estado',
    detail: 'un dato',
    leftOut: 'no se toma',
  },
  useAddress: (address: string) => `Usar ${address}`,
  onRow: (sentence: string, row: number) => `${sentence.replace(/\.$/, '')} (línea ${row}).`,
  doubtful: (number: number) =>
    number === 1 ? 'Una cosa que conviene saber:' : `${number} cosas que conviene saber:`,
  capitals: 'Los nombres están en mayúsculas',
  keepCapitals: 'Dejarlos: AMIRA HADDAD',
  softCapitals: 'Escribirlos en minúsculas: Amira Haddad',
  perhapsNobody: (number: number) =>
    number === 1 ? 'Un nombre quizá no lo sea:' : `${number} nombres quizá no lo sean:`,
  leftOut: (number: number) =>
    number === 1
      ? 'Una parte de la lista queda fuera:'
      : `${number} partes de la lista quedan fuera:`,
  leftOutMany: (number: number, reason: string, names: readonly string[]) =>
    `${number} veces ${reason}: ${names.slice(0, 3).join(', ')}${names.length > 3 ? ' …' : ''}`,
  leftOutEach: 'Ver cada una',
  leftOutCase: (name: string, reason: string) => `${name === '' ? 'Sin nombre' : name}: ${reason}`,
  gone: (number: number) =>
    number === 1
      ? 'Un estudiante de la clase no está en esta lista:'
      : `${number} estudiantes de la clase no están en esta lista:`,
  toGroups: 'Formar grupos',
  twice: (number: number) =>
    number === 1
      ? 'Un nombre aparece dos veces, o casi:'
      : `${number} nombres aparecen dos veces, o casi:`,
  twiceCase: (name: string, inClass: string, line: number, before: number) =>
    before === 0
      ? name === inClass
        ? `${name} (línea ${line}) ya está en la clase`
        : `${name} (línea ${line}) puede ser ${inClass}, que está en la clase`
      : `${name} aparece en la línea ${before} y en la ${line}`,
  twiceAnswer: { same: 'La misma persona, una vez', another: 'Otra persona' },
  allSame: 'Todos son las mismas personas',
  allAnother: 'Todos son otras personas',
  malformed: (number: number) =>
    number === 1
      ? 'Una dirección necesita una mirada. Puede añadirla como está y corregirla después:'
      : `${number} direcciones necesitan una mirada. Puede añadirlas como están y corregirlas después:`,
  count: (all: number, here: number) =>
    all === here
      ? `${count(all, 'estudiante')}, hoy ${wordFor(all, 'presente', 'todos presentes')}`
      : `${count(all, 'estudiante')}, hoy ${here} ${wordFor(here, 'presente', 'presentes')}`,
  allHere: 'Están todos',
  find: 'Buscar a alguien',
  nobody: (sought: string) =>
    sought === '' ? 'No queda nadie que mostrar.' : `Aquí nadie tiene «${sought}».`,
  value: (value: string | number | boolean | undefined) =>
    typeof value === 'boolean'
      ? value
        ? 'sí'
        : 'no'
      : typeof value === 'number'
        ? String(value).replace('.', ',')
        : (value ?? '–'),
  column: {
    here: 'está',
    name: 'nombre completo',
    givenName: 'nombre',
    familyName: 'apellidos',
    preferredName: 'nombre preferido',
    section: 'sección',
    email: 'correo electrónico',
    externalId: 'número de estudiante',
    wishes: 'con quién desea trabajar',
    note: 'nota privada',
  },
  sortBy: (title: string) => `Ordenar por ${title}`,
  columnsShown: 'Columnas',
  presence: (presence: string) =>
    presence === 'left'
      ? 'de baja'
      : presence === 'away'
        ? 'no está'
        : presence === 'leftOut'
          ? 'hoy queda fuera'
          : 'está',
  isHere: (name: string) => `${name} está hoy`,
  hasLeft: 'de baja',
  leftOutToday: (reasons: readonly string[]) => `queda fuera: ${reasons.join('; ')}`,
  nameOf: 'Nombre',
  emailOf: (name: string) => `Dirección de ${name}`,
  sectionOf: (name: string) => `Sección de ${name}`,
  detailOf: (detail: string, name: string) => `${detail} de ${name}`,
  notANumber: (given: string, detail: string) =>
    `«${given}» no es un número, así que ${detail} se queda como estaba.`,
  noSection: 'sin sección',
  slip: 'no es una dirección completa',
  noEmail: 'ninguna',
  nothing: '–',
  wishes: (number: number) => (number === 0 ? '–' : `${number}`),
  open: (name: string) => `Más sobre ${name}`,
  closeSheet: 'Listo',
  sameAsGiven: 'igual que el nombre',
  addWish: 'añadir un nombre…',
  dropWish: (name: string) => `Ya no desea trabajar con ${name}`,
  privateNote: 'Nota privada',
  leaves: 'Ha dejado la clase',
  markedLeft: (name: string) => `${name} consta de baja. Los repartos conservan el nombre.`,
  leftOn: (day: string) => `Dejó la clase el ${longDay(day)}. Ya no se reparte en grupos.`,
  restore: 'Volver a la clase',
  deleteForGood: 'Eliminar para siempre',
  deleted: (name: string) => `Se ha eliminado a ${name}.`,
  rollCall: 'Pasar lista',
  rollHint: 'Pulse a quien no esté, o recorra con las flechas y pulse la barra espaciadora.',
  rollDone: 'Volver a la lista',
  newcomerName: 'Nombre de la persona nueva',
  addOne: 'Añadir a alguien',
  onlyThese: (column: string, values: readonly string[]) =>
    `Solo ${column}: ${values.length > 3 ? `${values.length} valores` : values.join(', ')}`,
  shownOf: (number: number) =>
    `${wordFor(number, 'se muestra', 'se muestran')} ${count(number, 'estudiante')}`,
  panel: 'Sobre la clase',
  troubles: (number: number) =>
    number === 1 ? 'Una cosa necesita una mirada' : `${number} cosas necesitan una mirada`,
  showAll: (number: number) => `Mostrar las ${number}`,
  isRight: 'Está bien',
  change: 'Cambiar',
  makeOne: 'Unirlas en una',
  areTwo: 'Dejar ambas',
  merged: (name: string) => `${name} es ahora una sola persona.`,
  isStudent: 'Es un estudiante',
  deleteRow: 'Eliminar la fila',
  noAddresses: (names: readonly string[]) =>
    names.length > 3
      ? `${names.length} estudiantes no tienen dirección. Las salas y los canales no les llegan.`
      : `${listNames(names)} no ${names.length === 1 ? 'tiene' : 'tienen'} dirección. Las salas y los canales no ${names.length === 1 ? 'le' : 'les'} llegan.`,
  addAddress: 'Añadirla',
  needNone: (_: number) => 'No hace falta',
  detailsTitle: 'Los datos de un vistazo',
  noDetails:
    'Aún no se sabe nada más de los estudiantes. Una columna de su lista se convierte en dato, o añada uno aquí.',
  addDetail: 'Añadir un dato',
  detailName: 'Nombre del dato',
  detailRemoved: (name: string) => `Se ha quitado ${name} de todos los estudiantes.`,
  removeDetail: 'Quitar este dato',
  editDetail: (name: string) => `Cambiar ${name}`,
  done: 'Listo',
  kindLabel: 'Qué es',
  kind: {
    number: 'un número',
    level: 'un nivel, de menor a mayor',
    category: 'una categoría',
    yesNo: 'sí o no',
    skill: 'dominio de una destreza',
  },
  levelsLabel: 'Niveles de menor a mayor',
  levelUp: (level: string) => `${level} va más abajo`,
  levelDown: (level: string) => `${level} va más arriba`,
  spreadFacts: (mean: number | null, missing: number) =>
    [
      mean === null ? '' : `media ${ONE_DIGIT.format(mean)}`,
      missing > 0 ? `${wordFor(missing, 'falta', 'faltan')} ${missing}` : '',
    ]
      .filter(Boolean)
      .join(', '),
  chartLabel: (name: string, bars: readonly { label: string; count: number }[]) =>
    `${name}: ${bars.map(({ label, count: number }) => `${label} ${number}`).join(', ')}`,
  barLabel: (label: string, number: number) => `${label} (${number})`,
  otherValues: (number: number) => `otros ${number}`,
  range: (from: string, to: string) => `${from}–${to}`,
  missingValue: 'falta',
  showOnly: (name: string) => `Mostrar solo algunos por ${name}`,
  showEverybody: 'mostrar a todos',
  showingEverybody: (column: string) => `${column}: mostrar a todos`,
  leftOutTitle: 'Quedan fuera de los grupos',
  leaveOutHint:
    'Deje fuera a todos los que tengan algo en común. A quien deba participar de todos modos, póngalo como presente.',
  leaveOutBy: 'Dejar fuera según',
  chooseDetail: 'elegir un dato…',
  leaveOutValues: 'Quienes tengan',
  leaveThemOut: 'Dejarlos fuera',
  countsTo: (whole: number) => `cuenta hasta ${whole}`,
  testFound: (columns: number) =>
    `${columns} columnas parecen las respuestas de una prueba. Pueden esperar a la escalera de destrezas, en lugar de ser ${columns} datos.`,
  testTake: 'Guardarlas como resultados',
  testWaits: 'Los resultados esperan en la escalera de destrezas hasta que estén los estudiantes.',
  rollFind: 'Escriba un nombre; Intro lo cambia',
  rollNobody: (sought: string) => `Nadie se llama ${sought}.`,
  toLadder: 'Escalera de destrezas y resultados',
  toAdults: 'Adultos y horarios',
  leaveOutAlsoBy: 'y según',
  leaveOutAnd: 'Y otro dato',
  leaveOutWhen: 'Dejar fuera a quienes',
  leaveOutWhenOf: {
    any: (parts: number) => (parts === 1 ? 'cumplan esto' : 'cumplan algo de esto'),
    all: (_: number) => 'cumplan todo esto',
    none: (parts: number) => (parts === 1 ? 'no cumplan esto' : 'no cumplan nada de esto'),
  },
  leaveOutSentence: (
    when: 'any' | 'all' | 'none',
    parts: readonly { readonly title: string; readonly values: readonly string[] }[],
  ) => {
    const said = parts.map(({ title, values }) => `${title}: ${eitherOf(values)}`);
    if (when === 'none') return `todos menos ${said.join('; o ')}`;
    return said.join(when === 'all' ? '; y ' : '; o ');
  },
  forgetFilter: (sentence: string) => `Olvidar: ${sentence}`,
  sectionsTitle: (number: number) => (number === 0 ? 'Secciones' : `Secciones (${number})`),
  sectionName: 'Nombre de la sección',
  addSection: 'Añadir una sección',
  removeSection: (name: string) => `Quitar ${name}; sus estudiantes se quedan`,
  staffTitle: (number: number) => (number === 0 ? 'Personal' : `Personal (${number})`),
  staffHint: 'Entra en salas y canales, y nunca en los grupos.',
  staffRole: (name: string) => `Función de ${name}`,
  noRole: 'sin función',
  noAddress: 'sin dirección',
  addStaff: 'Añadir a alguien',
  removeStaff: (name: string) => `Quitar a ${name}`,
  filesTitle: 'Nombres y archivos',
  classFile: 'Archivo de clase',
  csvFile: 'Lista como CSV',
  workbook: 'Lista como XLSX',
  filesHint:
    'El archivo de clase lo contiene todo, también los repartos y las reglas discretas: guárdelo bien. Se abre otra vez en la estantería.',
  nameOrderLegend: 'Cómo se escriben los nombres',
  nameOrder: {
    givenFirst: 'Nombre Apellidos',
    familyFirst: 'Apellidos Nombre',
    familyComma: 'Apellidos, Nombre',
  },
  encoding: '¿Letras raras? Leer el archivo como',
  encodings: {
    'utf-8': 'Unicode (UTF-8)',
    'windows-1252': 'Europa occidental (Windows)',
    'windows-1250': 'Europa central (Windows)',
    'windows-1251': 'Cirílico (Windows)',
    'iso-8859-2': 'Europa central (ISO)',
    'iso-8859-15': 'Europa occidental (ISO)',
    macintosh: 'Europa occidental (Macintosh antiguo)',
    shift_jis: 'Japonés (Shift JIS)',
    'windows-1253': 'Griego',
    'windows-1254': 'Turco',
    'windows-1255': 'Hebreo',
    'windows-1256': 'Árabe',
    'windows-1257': 'Báltico',
    'koi8-r': 'Cirílico (KOI8)',
    'iso-8859-5': 'Cirílico (ISO)',
    ibm850: 'Europa occidental (DOS)',
    ibm852: 'Europa central (DOS)',
    ibm866: 'Cirílico (DOS)',
    'euc-jp': 'Japonés (EUC)',
    'iso-2022-jp': 'Japonés (ISO-2022)',
    'euc-kr': 'Coreano',
    gb18030: 'Chino simplificado',
    big5: 'Chino tradicional',
    'utf-16le': 'Unicode (UTF-16)',
    'utf-16be': 'Unicode (UTF-16, orden inverso)',
  },
  classesInFile: 'Clases de este archivo',
  rememberedReading: 'Las columnas se leen como usted confirmó antes para estos encabezados.',
  kindOf: (column: string) => `Qué contiene ${column}`,
  takeInRow: 'Tomarla de todos modos',
  changes: (number: number) =>
    number === 1
      ? 'Cambia un estudiante de la clase:'
      : `Cambian ${number} estudiantes de la clase:`,
  changeOf: (
    name: string,
    back: boolean,
    changes: readonly { readonly what: string; readonly from: string; readonly to: string }[],
  ) =>
    `${name}: ${[
      back ? 'vuelve a la clase' : '',
      ...changes.map(({ what, from, to }) =>
        from === '' ? `${what} ${to}` : `${what} ${from} → ${to}`,
      ),
    ]
      .filter(Boolean)
      .join(', ')}`,
  goneLegend: 'Qué pasa con ellos',
  goneMark: 'Marcarlos de baja; los repartos los conservan',
  goneLeave: 'Dejarlos en la clase',
};

/** Headings and words of a roster file; our own reader knows every one of them. */
export const rosterWords = {
  name: 'Nombre completo',
  givenName: 'Nombre',
  familyName: 'Apellidos',
  preferredName: 'Nombre preferido',
  email: 'Correo electrónico',
  externalId: 'Número de estudiante',
  section: 'Sección',
  status: 'Estado',
  left: 'baja',
  yes: 'sí',
  no: 'no',
};
