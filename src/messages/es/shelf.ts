import { count, listNames, megabytes } from './words';

export const shelf = {
  askDelete: (name: string, lineups: readonly string[]) => ({
    title: `${name} tiene grupos en uso`,
    text: `La clase trabaja ahora en ${listNames(lineups)}. Al eliminarla se va todo lo que contiene.`,
    go: 'Eliminar la clase de todos modos',
    leave: 'Conservarla',
  }),
  first: 'Cree su primera clase:',
  another: 'Crear otra clase:',
  example: 'su nombre',
  unnamed: 'Clase nueva',
  make: 'Crear la clase',
  nameLabel: 'Nombre de la clase',
  classes: 'Sus clases',
  students: (number: number) => count(number, 'estudiante'),
  lineups: (number: number) => count(number, 'reparto'),
  last: (name: string) => `abierto: ${name}`,
  rename: (name: string) => `Cambiar el nombre de ${name}`,
  remove: (name: string) => `Eliminar ${name}`,
  deleted: (name: string) => `Se ha eliminado ${name} con sus repartos.`,
  copy: (name: string) => `Copiar ${name}`,
  copyName: (name: string) => `${name}, copia`,
  copied: (name: string) => `${name} está en la estantería.`,
  courseCode: 'código del curso',
  courseCodeOf: (name: string) => `Código del curso de ${name}`,
  term: 'periodo',
  termOf: (name: string) => `Periodo de ${name}`,
  keep: 'Temporal: conservarla',
  pool: 'Reunir clases',
  poolHint:
    'Reúna en una sola clase a los estudiantes de varias clases, o de algunas de sus secciones. Las clases se quedan como están, y cada estudiante conserva su clase de origen como dato.',
  poolName: 'Nombre de la clase reunida',
  pooledName: (names: readonly string[]) => listNames(names),
  homeClass: 'clase de origen',
  homeTeacher: 'docente de origen',
  lastingLegend: 'Cuánto dura',
  temporary: 'solo hasta que la elimine',
  kept: 'para siempre',
  poolThem: (number: number) => `Reunir ${count(number, 'estudiante')}`,
  backups: 'Archivos de clase',
  saveAll: 'Guardar todo como archivo',
  openFile: 'Abrir un archivo de clase',
  backupName: (day: string) => `gruppetto-${day}.json`,
  opened: (number: number) =>
    number === 1
      ? 'Se ha puesto 1 clase en la estantería.'
      : `Se han puesto ${number} clases en la estantería.`,
  nothingNew: 'Todo lo de este archivo ya está en la estantería, tal como está allí.',
  alreadyHere: (names: readonly string[]) =>
    `El archivo contiene ${listNames(names)}. En la estantería no está como en el archivo. Todavía no se ha cambiado nada.`,
  asCopies: (number: number) => (number === 1 ? 'Abrir como copia' : 'Abrir como copias'),
  putBack: 'Dejarlo como estaba en el archivo',
  leave: 'Dejarlo',
  safe: {
    remind: (steps: number) =>
      `Unos ${count(steps, 'paso')} de trabajo desde que todo se guardó por última vez como archivo.`,
    keep: 'Mantener un archivo al día',
    keepHint: 'Un archivo en su equipo que se vuelve a escribir después de cada cambio.',
    kept: (file: string) => `${file} se vuelve a escribir después de cada cambio.`,
    drop: 'Dejar el archivo como está',
    asking: (file: string) => `El navegador pregunta otra vez antes de escribir ${file}.`,
    allow: (file: string) => `Seguir escribiendo ${file}`,
    failed: (file: string) =>
      `No se ha podido escribir ${file}. Sus clases están a salvo en este navegador; elija otro archivo, o guarde todo como archivo.`,
    room: (used: number, most: number) =>
      `Gruppetto ocupa ${megabytes(used)} en este navegador, que tiene sitio para ${megabytes(most)}.`,
    promised: 'El navegador ha prometido no borrarlo por su cuenta.',
    notPromised: 'El navegador puede borrarlo si al equipo le falta espacio.',
    ask: 'Pedirle que conserve todo',
    refused: 'El navegador no lo ha prometido. Guarde todo como archivo de vez en cuando.',
    offline: 'Todo funciona sin red, salvo las salas en vivo, los canales y las plazas abiertas.',
  },
  inLanguage: 'Idioma',
  languageOfBrowser: 'el del navegador',
  promise:
    'Los nombres y los grupos se quedan en este navegador y en los archivos que usted guarde. No se envía nada a ninguna parte.',
};
