import { PRODUCT } from '../product';
import { count, fullDay, listNames } from './words';

export const frame = {
  goneStudent: 'antiguo estudiante',
  section: 'sección',
  goneDetail: 'un dato eliminado',
  product: PRODUCT,
  className: 'Nombre de la clase',
  tagline: 'Grupos equilibrados a partir de una lista de clase, en su propio equipo',
  steps: 'Pasos del trabajo',
  step: {
    roster: 'Lista',
    rules: 'Reglas discretas',
    groups: 'Grupos',
    term: 'Curso',
    stage: 'Escenario',
    show: 'Escenario',
    handoff: 'Entrega',
    activities: 'Actividades',
  },
  toShelf: 'Todas las clases',
  skip: 'Ir directamente al trabajo',
  show: 'Al escenario',
  keys: '? teclas',
  loading: 'Abriendo sus clases…',
  slow: 'El navegador aún no ha entregado sus clases. No se ha perdido nada; esta página sigue esperando. Si tarda mucho más, cierre las otras pestañas de Gruppetto o reinicie el navegador.',
  newer:
    'Sus clases se guardaron por última vez con un Gruppetto más nuevo que este. No se ha cambiado nada. Abra el más nuevo, o vuelva a cargar esta página cuando esté actualizada.',
  unread: (why: string) =>
    `Sus clases están en este dispositivo, pero el navegador no ha podido leerlas ahora. No se ha cambiado ni sobrescrito nada. Vuelva a cargar esta página; si no basta, reinicie el navegador. (El navegador dice: ${why})`,
  ended: {
    newerOpened:
      'Se ha abierto un Gruppetto más nuevo en otra pestaña. Todo está guardado; vuelva a cargar esta página para seguir aquí.',
    newerUnsaved:
      'Se ha abierto un Gruppetto más nuevo en otra pestaña antes de que pudieran guardarse los últimos cambios de aquí. Siguen en esta página: guarde todo ahora como archivo, vuelva a cargar la página y abra ese archivo.',
    cleared:
      'El navegador ha borrado lo que este sitio tenía guardado. Todo lo que estaba en pantalla sigue en esta página: guárdelo ahora como archivo, vuelva a cargar la página y abra ese archivo.',
  },
  rescue: 'Guardar todo como archivo',
  rescueName: (day: string) => `gruppetto-todo-${day}.json`,
  rescued:
    'El archivo está en sus descargas. En la estantería de clases, «Abrir un archivo de clase» lo recupera.',
  loadAgain: 'Volver a cargar esta página',
  shortcut: { last: 'La última clase abierta', stage: 'Lo que ve la clase' },
  newerReady: 'Hay un Gruppetto más nuevo.',
  openNewer: 'Abrirlo',
  openNewerHint: 'Todo está guardado. Las otras pestañas de Gruppetto también se abren de nuevo.',
  outOfStep:
    'Este navegador no deja que las pestañas hablen entre sí: lo que cambie otra pestaña se verá aquí cuando vuelva a esta.',
  noClass: 'Aquí no hay ninguna clase.',
  noClassHint:
    'Quizá se eliminó en otra pestaña, o está en otro navegador: una clase se queda donde se hizo.',
  noPage: 'No hay nada en esta dirección.',
  noPageHint:
    'Puede que le falte una parte. Sus clases están en este navegador, todas en una estantería.',
  saveState: {
    saved: 'Guardado',
    saving: 'Guardando…',
    failed:
      'No se ha podido guardar en este momento; puede que el disco esté lleno. Todo sigue en esta página y se intenta otra vez.',
  },
  memoryOnly:
    'Este navegador no conserva nada: sus clases duran solo hasta que cierre esta pestaña. Permita los datos del sitio para conservarlas.',
  unreadable: (number: number) =>
    number === 1
      ? 'No se ha podido leer una entrada guardada; se ha dejado como estaba.'
      : `No se han podido leer ${number} entradas guardadas; se han dejado como estaban.`,
  /** What a lineup is called until it is given a name. */
  freshLineup: fullDay,
  undoShort: 'Deshacer',
  partsTitle: 'Esto cambiaría un reparto en uso',
  parts: (action: string, students: number) =>
    `Con este paso (${action}), ${count(students, 'estudiante')} ${students === 1 ? 'dejaría' : 'dejarían'} de estar con alguien con quien trabaja ahora.`,
  partsGo: 'Hacerlo de todos modos',
  partsLeave: 'Dejarlo como está',
  leavingTitle: 'Grupos en uso perderían a alguien',
  leavingFrom: (name: string, group: string, lineup: string, others: readonly string[]) =>
    others.length === 0
      ? `${name} trabaja sin nadie más en ${group} de ${lineup}.`
      : `${name} está en ${group} de ${lineup} con ${listNames(others)}; el trabajo seguiría sin esa persona.`,
  leavingGo: 'Marcar la baja de todos modos',
  /** Told when Escape has taken back what was changed. */
  putBack: 'Ha quedado como estaba.',
  changeAfterAll: 'Cambiarlo de todos modos',
  otherWindowPart: {
    groups: (lineup: string) => `los grupos de ${lineup}`,
    lineup: (lineup: string) => `el reparto ${lineup}`,
    roster: 'la lista de la clase',
    rules: 'las reglas discretas',
    term: 'lo que está planeado',
    activities: 'las actividades',
    adults: 'las personas adultas',
    results: 'los resultados de la escalera',
  },
  otherWindowDid: (parts: readonly string[]) =>
    `Acaba de cambiar en otra ventana: ${listNames(parts)}.`,
  otherWindow: (lineup: string, students: number) =>
    `En otra ventana se cambiaron grupos de ${lineup}: ${count(students, 'estudiante')} ${students === 1 ? 'perdió' : 'perdieron'} a alguien con quien trabaja.`,
  otherWindowBack: 'Volver a ponerlos',
};
