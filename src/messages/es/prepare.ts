import { count, listNames, wordFor } from './words';

/** What is prepared for the stage and for paper. */
export const prepare = {
  title: (lineup: string) => `En el escenario: ${lineup}`,
  nothing: 'Aún no hay grupos que mostrar.',
  toGroups: 'Formar grupos',
  show: 'Mostrarlo aquí',
  second: 'Abrir en una segunda ventana',
  secondRefused:
    'Este navegador no ha permitido una segunda ventana. Permita las ventanas emergentes para esta página, o use aquí «Al escenario».',
  print: 'Imprimir o repartir en papel',
  names: 'Los nombres como los conoce la clase',
  namesShown: {
    called: 'como se les llama',
    initial: 'nombre e inicial',
    whole: 'nombres completos',
  },
  classLanguage: 'Idioma que lee la clase',
  languageOfMine: 'el mío',
  roles: 'Responsables y funciones junto a los nombres',
  minutes: 'Minutos del reloj',
  lessMinutes: 'Menos minutos',
  moreMinutes: 'Más minutos',
  notMinutes: 'De 1 a 600 minutos.',
  setClock: 'Poner el reloj',
  instructions: {
    title: 'Instrucciones para este reparto',
    hint: 'Lo que tiene que hacer la clase. # hace un título, - un punto de una lista, ** palabras en negrita.',
    preview: 'Como lo ve la clase',
  },
  places: {
    title: 'Dónde trabajan los grupos',
    hint: 'Una mesa, una sala o la dirección de una página web.',
    of: (group: string) => `Lugar de ${group}`,
    none: 'añadir un lugar',
  },
  turns: {
    title: 'Estaciones',
    none: 'Los grupos pasan de estación en estación, o se encuentran entre sí, y ninguno pasa dos veces por el mismo sitio.',
    start: { stations: 'Planificar estaciones', meet: 'Que los grupos se encuentren' },
    stations: 'Estaciones',
    perStation: 'Grupos por estación, como mucho',
    turns: 'Turnos',
    minutes: 'Minutos por turno (0, sin reloj)',
    less: (what: string) => `Menos: ${what}`,
    more: (what: string) => `Más: ${what}`,
    between: (least: number, most: number) => `De ${least} a ${most}.`,
    remove: 'Quitar las estaciones',
    station: (number: number) => `Estación ${number}`,
    name: (number: number) => `Nombre de la estación ${number}`,
    place: (number: number) => `Lugar de la estación ${number}`,
    instruction: (number: number) => `Qué se hace en la estación ${number}`,
    addPlace: 'lugar',
    addInstruction: 'qué se hace allí',
    turn: (number: number) => `Turno ${number}`,
    group: 'Grupo',
    break: 'descanso',
    working: 'Calculando los turnos…',
    failed:
      'No se han podido calcular los turnos; lo que había se ha conservado. Inténtelo otra vez.',
    otherGroups: (made: number, now: number) =>
      `Estos turnos se hicieron para ${count(made, 'grupo')}; ahora hay ${now}.`,
    again: 'Hacerlos de nuevo',
    visits: (all: boolean) =>
      all
        ? 'Cada grupo pasa por todas las estaciones, por ninguna dos veces.'
        : 'Ningún grupo pasa dos veces por una estación.',
    meetings: (all: boolean, twice: number) =>
      [
        all
          ? 'Todos los grupos se encuentran.'
          : 'Se encuentran tantos grupos como permiten los turnos.',
        twice === 0
          ? 'Ningún par se encuentra dos veces.'
          : `${count(twice, 'par', 'pares')} ${wordFor(twice, 'vuelve', 'vuelven')} a encontrarse cuando ya lo han hecho todos.`,
      ].join(' '),
    pairs: (twice: number, best: number) =>
      twice === 0
        ? 'Ningún par de grupos comparte estación dos veces.'
        : `${count(twice, 'par de grupos', 'pares de grupos')} ${wordFor(twice, 'comparte', 'comparten')} estación más de una vez, ${twice === best ? 'lo menos posible' : 'lo menos que se ha encontrado'}.`,
    breaks: (most: number, least: number) =>
      most === 0
        ? ''
        : most === least
          ? `Cada grupo tiene ${count(most, 'descanso')}.`
          : `Los grupos tienen ${least} o ${count(most, 'descanso')}.`,
  },
  jigsaw: {
    title: 'Especialistas',
    hint: 'De estos grupos de origen salen grupos de especialistas: una persona de cada origen en cada uno, cumpliendo sus reglas discretas.',
    experts: 'Grupos de especialistas',
    fewer: 'Menos grupos de especialistas',
    moreGroups: 'Más grupos de especialistas',
    topics: 'Temas, uno por línea',
    make: 'Formar grupos de especialistas',
    again: 'Formarlos de nuevo',
    name: (home: string) => `${home}: especialistas`,
    expert: (number: number) => `Especialistas ${number}`,
    made: (names: readonly string[]) => `Formados: ${listNames(names)}. Son un reparto propio.`,
    softly:
      'Donde sus reglas mantienen juntas a personas de un mismo origen, también son especialistas juntas.',
    refused:
      'Sus reglas discretas no dejan formar esos grupos de especialistas. Los grupos de origen se quedan como están; pruebe otro número o revise las reglas.',
  },
  conductor: {
    title: 'La clase ve',
    scene: 'Lo que se muestra',
    differs: 'La mesa tiene algo más nuevo.',
    showNow: 'Mostrarlo ahora',
    held: 'Retenido: los cambios de aquí no se ven',
    live: 'En vivo: los cambios de aquí se ven enseguida',
    hold: 'Retener',
    follow: 'Seguir en vivo',
  },
  paper: {
    name: 'Papel',
    title: (lineup: string) => `Papel: ${lineup}`,
    sheet: 'Hoja',
    sheets: {
      door: 'Para la puerta, por nombre',
      groups: 'Una por cada grupo',
      whole: 'Toda la clase',
      signs: 'Carteles de mesa para doblar',
      badges: 'Tarjetas con el nombre',
      stations: 'Tabla de estaciones',
      slips: 'Papeletas para sortear',
      code: 'Códigos para móviles',
    },
    size: 'Papel',
    sizes: { a4: 'A4', letter: 'Carta' },
    columns: 'Columnas',
    one: 'una',
    two: 'dos',
    print: 'Imprimir',
    pages: (pages: number) => count(pages, 'página'),
    back: 'Volver al escenario',
  },
};
