import type { Importance } from '../../schema/recipe';
import { count, listNames, shortDay, wordFor } from './words';

const times = (number: number): string => count(number, 'vez', 'veces');

const columns = {
  open: 'Columnas',
  legend: 'Medidas junto a los grupos',
  tiles: 'En las fichas',
  noneOnTiles: 'solo nombres',
};

const drawer = {
  takeTitle: (number: number) => `Toma ${number}`,
  seated: (students: number, number: number) =>
    `${count(students, 'estudiante')} en ${count(number, 'grupo')}.`,
  standAside: (number: number) =>
    `${count(number, 'estudiante')} ${wordFor(number, 'está', 'están')} aparte.`,
  allKept: (number: number) =>
    number === 1
      ? 'La regla discreta se cumple.'
      : number === 2
        ? 'Ambas reglas discretas se cumplen.'
        : `Las ${number} reglas discretas se cumplen.`,
  isBroken: (sentence: string) => `No se cumple: ${sentence}.`,
  isKept: (sentence: string) => `Se cumple: ${sentence}.`,
  changedByHand: 'Cambiada a mano desde que se repartió.',
  howToMove:
    'Elija a alguien para ver por qué está ahí y dónde más podría estar; elija un grupo para cambiarlo. Con Mayús, elija más.',
  studentIn: (name: string, group: string | null) =>
    group === null ? `${name}, aparte` : `${name} en ${group}`,
  nothingSpecial: 'No se sabe nada más a favor de este sitio ni en contra.',
  mean: (name: string, group: string, all: string) =>
    `${name}: ${group} de media; la clase tiene ${all}.`,
  noValue: (name: string) => `No se conoce ${name} de nadie.`,
  share: (name: string, value: string, have: number, share: string) =>
    `${name} ${value}: ${have}; una parte igual sería ${share}.`,
  onlyOne: (name: string, value: string) => `Nadie más aquí tiene ${name}: ${value}.`,
  metNobody: (of: number) =>
    of === 1
      ? 'Aún no ha trabajado con la otra persona.'
      : `Aún no ha trabajado con ninguna de estas ${of} personas.`,
  metSome: (met: number, of: number) => `Ya ha trabajado con ${met} de estas ${of} personas.`,
  pairsNew: (of: number) =>
    of === 1
      ? 'Estas dos personas aún no han trabajado juntas.'
      : 'Aquí nadie ha trabajado todavía con nadie.',
  pairsMet: (met: number, of: number) =>
    `${met} de ${count(of, 'pareja')} ya ${wordFor(met, 'ha trabajado', 'han trabajado')} en un mismo grupo.`,
  wishMet: 'Está con alguien de quien deseaba.',
  wishUnmet: 'No está con nadie de quien deseaba.',
  notServed: (name: string, need: string) =>
    need === ''
      ? `No se sabe qué le toca a ${name}, y otros sin resultados están en otro grupo.`
      : `A ${name} le toca ${need}, que este grupo no trabaja.`,
  ladder: {
    title: 'La escalera',
    rung: (students: number, groups: readonly string[]) =>
      `le toca a ${count(students, 'estudiante')}; ${groups.length === 0 ? 'ningún grupo la trabaja' : `se trabaja en ${listNames(groups)}`}`,
    key: 'Un punto: alguien a quien le toca esta destreza; relleno donde su grupo la trabaja. Los signos: los grupos que la trabajan.',
    keyOfGroup:
      'A quién del grupo le toca cada destreza; los peldaños que el grupo trabaja están iluminados.',
  },
  adults: 'Adultos y horarios',
  regroup: 'Reagrupar con pocos cambios',
  regroupHint:
    'Tras nuevos resultados: se atiende a cuantos sea posible, y nadie se mueve sin necesidad.',
  worksOn: (skills: readonly string[]) => {
    const named = skills.filter((name) => name !== '');
    return named.length === 0
      ? 'Aquí están juntos quienes no tienen resultados.'
      : `Trabaja ${listNames(named)}.`;
  },
  wishes: (met: number, of: number) =>
    `${met} de ${of} con un deseo están con alguien que nombraron.`,
  swapsTitle: 'Los cambios que más ayudarían',
  noSwaps: 'Ningún cambio entre dos mejoraría esto.',
  swapNames: (one: string, two: string) => `${one} ↔ ${two}`,
  moveNames: (name: string, group: string) => `${name} → ${group}`,
  mends: 'arregla una regla',
  gains: (better: readonly string[], worse: readonly string[]) =>
    [
      better.length > 0 ? `mejora ${listNames(better)}` : '',
      worse.length > 0 ? `empeora ${listNames(worse)}` : '',
    ]
      .filter(Boolean)
      .join(', '),
  moveTo: 'Mover a',
  nowSize: (size: number) => `ahora ${size}`,
  aside: 'Aparte',
  done: 'Listo',
  selectMore: 'Elegir más',
  pin: 'Fijar aquí',
  unpin: 'Soltar',
  several: (number: number) => `${count(number, 'estudiante')} en la selección`,
  swapThem: 'Intercambiar a estas dos personas',
  keepWith: { apart: 'Separar de', together: 'Mantener con' },
  keepWithWhom: { apart: 'Separar de…', together: 'Mantener con…' },
  keep: { apart: 'Mantenerlos separados', together: 'Mantenerlos juntos' },
  ruleAdded: (sentence: string) => `Regla discreta añadida: ${sentence}.`,
  nameOfGroup: 'Nombre del grupo',
  chooseSign: 'Elegir otro signo',
  signOf: (number: number, group: string) =>
    group === '' ? `Signo ${number}` : `Signo ${number}, de ${group}: los dos cambian de signo`,
  signsStay:
    'Las salas o los canales conocen estos grupos por sus signos: los signos se quedan como están.',
  card: {
    title: 'Para la clase',
    hint: 'En el escenario y en las páginas de los grupos, con el nombre.',
    text: (group: string) => `De qué trata ${group}`,
    none: 'añadir de qué trata este grupo',
  },
  lockedNow: (group: string, locked: boolean) =>
    locked
      ? `${group} se queda como está al volver a mezclar.`
      : `Al volver a mezclar, ${group} puede cambiar otra vez.`,
  splitInto: (group: string, other: string) => `${group} se dividió; los demás están en ${other}.`,
  lock: 'Bloquear este grupo',
  unlock: 'Desbloquear este grupo',
  lockHint: 'Al volver a barajar, un grupo bloqueado se queda como está.',
  split: 'Dividir en dos',
  remove: 'Quitar el grupo',
  removed: (name: string, students: number) =>
    students === 0
      ? `Se ha quitado ${name}.`
      : `Se ha quitado ${name}; ${count(students, 'estudiante')} ${wordFor(students, 'queda', 'quedan')} aparte.`,
  add: 'Añadir un grupo',
  added: (name: string) => `Se ha añadido ${name}, todavía sin nadie.`,
  merge: (from: string, into: string) => `Unir ${from} a ${into}`,
  mergeTitle: 'Unir con',
  merged: (name: string) => `Unido a ${name}.`,
  severalGroups: (number: number) => count(number, 'grupo elegido', 'grupos elegidos'),
  reshuffleThese: 'Volver a barajar solo estos',
  reshuffleThis: 'Para barajarlo con otros, elija más grupos con Mayús.',
  mergeThese: 'Unir estos en uno',
  chart: (name: string) => `${name}: este grupo junto a la clase`,
  chartGroup: 'este grupo',
  chartClass: 'la clase, en proporción',
  rolesTitle: 'Funciones',
  roleNobody: 'nadie',
  turnWhy: ({
    before,
    others,
  }: {
    readonly before: number;
    readonly others: readonly [number, number] | null;
  }) => {
    const held = before === 0 ? 'primera vez' : `la ha tenido ya ${times(before)}`;
    if (others === null) return held;
    const [least, most] = others;
    const range = least === most ? times(most) : `de ${least} a ${times(most)}`;
    return `${held}; los demás de aquí, ${most === 0 ? 'nunca aún' : range}`;
  },
  roleOf: (role: string, group: string) => `${role} de ${group}`,
  addRole: 'Añadir una función',
  roleName: 'Nombre de la función',
  removeRole: (role: string) => `Quitar la función ${role}`,
  writeTo: (name: string) => `Escribir a ${name}`,
  noAddress: (name: string) => `${name} no tiene correo electrónico.`,
  giveHow: {
    none: 'nadie',
    random: 'al azar',
    first: 'a la primera persona de cada uno',
    turns: 'por turnos',
  },
  rolesHint:
    'Se dan enseguida, y otra vez cada vez que se forman grupos; en un grupo que sigue igual, quien tiene una función la conserva. Por turnos: a quien menos la ha tenido este curso.',
  giveAnew: 'Darlas de nuevo',
  given: (role: string, number: number) => `${role}: dada en ${count(number, 'grupo')}.`,
  givenNoMore: (role: string) => `${role}: ya no se da.`,
};

const guard = {
  title: { inUse: 'Este reparto está en uso', retired: 'Este reparto ha terminado' },
  closed:
    'La clase ha terminado con estos grupos. Quién trabajó con quién se conserva como fue, salvo que usted lo cambie.',
  explain: (students: number) =>
    `${count(students, 'estudiante')} ${wordFor(students, 'perdería', 'perderían')} a alguien de su grupo:`,
  separation: (name: string, from: readonly string[]) => `${name}: a ${listNames(from)}`,
  moved: (names: readonly string[]) =>
    `${listNames(names)} seguirían juntos y pasarían a otro grupo.`,
  go: 'Hacerlo de todos modos',
  leave: 'Dejarlo como está',
  next: 'Hacer un reparto nuevo para la próxima vez',
  hanging: 'Lo que depende de estos grupos:',
  gentler:
    'Un cambio menor separa a menos: mueva a una persona, intercambie a dos, o elija algunas filas y baraje solo esas.',
  takesOver: (day: string) =>
    `Un reparto nuevo deja este como está, y lo sustituye a partir del ${shortDay(day)}.`,
};

const compare = {
  title: (one: number, two: number) => `Toma ${one} junto a toma ${two}`,
  takeOne: 'Primera toma',
  takeTwo: 'Segunda toma',
  moved: (number: number) =>
    number === 0
      ? 'Todos están en el mismo grupo.'
      : `${count(number, 'estudiante')} en otro grupo:`,
  movedOne: (name: string, from: string, to: string) =>
    from === to ? `${name}: ${to}, con otras personas` : `${name}: ${from} → ${to}`,
  more: (number: number) => `y ${number} más`,
  measure: 'medida',
  take: (number: number) => `toma ${number}`,
  rules: 'reglas sin cumplir',
  show: (number: number) => `Mostrar la toma ${number}`,
  close: 'Cerrar',
};

const importance: Readonly<Record<Importance, string>> = {
  little: 'un poco',
  plain: 'tanto como lo demás',
  most: 'sobre todo',
};

const editors = {
  who: 'A quién se reparte en grupos',
  whoOptions: {
    all: 'a todos los presentes de hoy',
    sections: 'a algunas secciones',
    unplaced: 'a quienes aún no están en ningún reparto',
    groups: 'a grupos de otro reparto',
    values: 'según un dato',
  },
  toRoll: 'Decir quién está hoy',
  sectionsLegend: 'Secciones',
  lineupLegend: 'Reparto',
  groupsLegend: 'Grupos',
  detailLegend: 'Dato',
  valuesLegend: 'Valores',
  nobodyLeft: 'Con esta elección no queda nadie a quien repartir.',
  dealing: 'Cómo se reparten los grupos',
  dealingOptions: {
    shuffle: 'barajando',
    order: 'por un orden',
    value: 'un grupo por cada valor',
    hand: 'grupos vacíos, que se llenan a mano',
    choose: 'los estudiantes eligen: plazas abiertas',
  },
  orderLegend: 'Orden',
  blocksLegend: 'Se reparte',
  dealingHint:
    'Solo al barajar se cuidan las reglas, las mezclas y los compañeros. Si no, la hoja muestra lo que no se cumple.',
  valueOf: 'Un grupo por cada',
  balanceHint:
    'Mezclar: cada grupo se parece a la clase. Afinidad: quienes están en un grupo se parecen entre sí.',
  how: { mix: 'mezclar', match: 'afinidad', none: 'no cuenta' },
  howLegend: (name: string) => name,
  importanceLegend: (name: string) => `Cuánto cuenta ${name}`,
  importance,
  noDetails: 'La clase aún no tiene datos. Añádalos en la lista.',
  partners: 'Compañeros nuevos',
  partnersHint: (lineups: number) =>
    lineups === 0
      ? 'Aún no se ha usado ningún reparto de esta clase, así que todos los compañeros son nuevos.'
      : `Tiene en cuenta ${wordFor(lineups, 'el reparto usado', `los ${lineups} repartos usados`)} por esta clase. Los borradores no cuentan.`,
  needs: 'Agrupar por lo que toca aprender',
  needsHint: (students: number, skills: number) =>
    `${count(students, 'estudiante')} ${wordFor(students, 'tiene', 'tienen')} algo por aprender en la escalera de ${count(skills, 'destreza')}: la primera que aún no dominan.`,
  unknownNeeds: (students: number) =>
    students === 1
      ? 'Una persona no tiene resultados'
      : `${students} estudiantes no tienen resultados`,
  unknownNeedsOf: {
    anywhere: 'ponerlos en cualquier parte',
    together: 'en grupos propios',
    out: 'dejarlos fuera',
  },
  toLadder: 'Escalera y resultados',
  ladder: 'La escalera, de la primera destreza a la última',
  ladderHint: 'Una destreza por línea, en el orden en que se aprenden; cambie aquí el orden.',
  focus: 'Destrezas que trabaja un grupo',
  fewerSkills: 'Una destreza menos',
  moreSkills: 'Una destreza más',
  focusRefused: (most: number) => `Un grupo trabaja de 1 a ${count(most, 'destreza')}.`,
  wishes: 'Deseos',
  wishesHint: (students: number) =>
    `${count(students, 'estudiante')} ${wordFor(students, 'ha nombrado', 'han nombrado')} a alguien. Cuantos sea posible estarán al menos con una de esas personas.`,
  topics: 'Grupos preferidos',
  topicsHint: (students: number) =>
    `${count(students, 'estudiante')} ${wordFor(students, 'ha puesto', 'han puesto')} los grupos por orden. A cada cual le toca uno tan arriba en su orden como sea posible.`,
  off: 'no importa',
  sections: 'Secciones',
  sectionOptions: {
    any: 'no importan',
    mixed: 'mezcladas por igual',
    kept: 'cada una en grupos propios',
  },
  limitKind: { atLeast: 'al menos', atMost: 'como mucho', notAlone: 'nunca una persona sola' },
  limitKindLegend: 'En cada grupo',
  limitCount: 'Cuántos',
  fewer: 'Uno menos',
  more: 'Uno más',
  addLimit: 'Añadir',
  removeLimit: (sentence: string) => `Quitar: ${sentence}`,
  noLimits: 'Aún no hay límites.',
  limitHas: (have: number, groups: number) =>
    `Hoy lo ${wordFor(have, 'tiene', 'tienen')} ${count(have, 'estudiante')}, para ${count(groups, 'grupo')}.`,
  naming: 'Nombres de los grupos',
  namingOptions: {
    words: 'palabras',
    numbers: 'números',
    letters: 'letras',
    list: 'una lista propia',
  },
  namingExtras: 'Se añade a cada nombre',
  withCode: (code: string) =>
    code === '' ? 'código del curso (aún no hay)' : `código del curso: ${code}`,
  withDate: (date: string) => `fecha: ${date}`,
  wordsLabel: 'Palabras, en el orden en que las toman los grupos',
  listLabel: 'Nombres, uno por línea',
  preview: 'Nombres ahora',
  usualWords: 'Volver a las palabras de siempre',
  saved: 'Recetas guardadas',
  saveAs: 'Guardar esta receta',
  recipeName: 'Nombre de la receta',
  noSaved: 'Todavía ninguna. Una receta guardada sirve en todas las clases.',
  use: (name: string) => `Usar ${name}`,
  removeSaved: (name: string) => `Quitar la receta ${name}`,
  fromClass: (name: string) => `de ${name}`,
  applied: (name: string, lost: readonly string[]) =>
    lost.length === 0
      ? `Ahora la receta es ${name}. Los grupos se quedan como están hasta que vuelva a barajar.`
      : `Ahora la receta es ${name}, sin ${listNames(lost)}, que esta clase no tiene.`,
  usual: 'Estos ajustes de ahora en adelante',
  usualUnset: 'Un reparto nuevo empieza con los ajustes del anterior.',
  usualSet: 'Los repartos nuevos empiezan con los ajustes guardados para la clase.',
  usualDone: 'Los repartos nuevos empiezan con estos ajustes. Los que ya hay conservan los suyos.',
  usualDrop: 'Otra vez como el anterior',
  savedAs: (name: string) => `Guardada como ${name}.`,
  values: 'Valor',
  everyValue: 'cada valor',
  onlyOneHas: (values: readonly string[]) =>
    `Solo una persona de aquí tiene ${listNames(values)}: eso no tiene remedio, y no se tiene en cuenta.`,
};

export const benchEs = { columns, drawer, guard, compare, editors };
