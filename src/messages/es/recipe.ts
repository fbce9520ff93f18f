import { sizingIssueSentence } from './sizingIssues';
import { count, figureOf, listNames, listParts } from './words';

type Sizing =
  | { readonly by: 'count'; readonly count: number }
  | { readonly by: 'size' | 'atMost'; readonly size: number }
  | { readonly by: 'sizes'; readonly sizes: readonly number[] }
  | { readonly by: 'range'; readonly least: number; readonly most: number };

/** Sentences have slots in braces: a control each, or the list of what is looked after. */
export const recipeEs = {
  sizingIssueSentence,
  sentence: {
    shuffle: 'Formar {sizing} con {who}.',
    shuffleLeftover: 'Formar {sizing} con {who}, y quienes sobren, {leftover}.',
    order: 'Repartir {sizing} con {who}, por {dealing}.',
    orderLeftover: 'Repartir {sizing} con {who}, y quienes sobren, {leftover}, por {dealing}.',
    value: 'Formar un grupo por cada {dealing} con {who}.',
    hand: 'Preparar {sizing}, {dealing}, para {who}.',
    choose: 'Preparar {sizing}, y {who} {dealing}.',
    goals: 'Con {goals}.',
    goalsWithoutRules: 'Con {goals}, sin {rules}.',
    withoutRules: 'Sin {rules}.',
    rulesShownOnly:
      'Así no se tienen en cuenta sus {rules}: donde no se cumple una, la fila lo dice.',
    naming: 'Los grupos se nombran {naming}.',
    roles: 'Funciones: {roles}.',
  },
  goal: { mix: 'mezcla de {details}', match: 'afinidad en {details}' },
  empty: 'vacíos',
  chosen: 'eligen',
  also: 'Añadir más',
  alsoLabel: 'Otras cosas que puede decir la receta',
  who: {
    sections: (names: readonly string[], number: number) => `${number} de ${listNames(names)}`,
    unplaced: (number: number) => `${number} que aún no están en ningún reparto`,
    groups: (lineup: string, number: number) => `${number} de ${lineup}`,
    values: (values: readonly string[], number: number) => `${number} con ${listNames(values)}`,
    value: (detail: string, value: string) => `${detail} ${value}`,
  },
  whoLabel: 'A quién se reparte en grupos',
  inOrder: (order: string, dealt: string) => `${order}, ${dealt}`,
  order: {
    familyName: 'apellido',
    givenName: 'nombre',
    number: 'número de estudiante',
    list: 'orden de lista',
  },
  dealt: { round: 'por turno entre los grupos', blocks: 'por bloques' },
  dealingLabel: 'Cómo se reparten los grupos',
  balanceLabel: 'Qué se mezcla y qué se agrupa por afinidad',
  weighed: {
    little: (goal: string) => `${goal} (un poco)`,
    plain: (goal: string) => goal,
    most: (goal: string) => `${goal} (sobre todo)`,
  },
  listed: listNames,
  listParts,
  sections: { mixed: 'secciones mezcladas', kept: 'cada sección por su lado' },
  sectionsLabel: 'Secciones',
  fresh: 'compañeros nuevos',
  freshLabel: 'Compañeros nuevos',
  wishes: 'deseos cumplidos',
  wishesLabel: 'Deseos',
  topics: 'grupos preferidos',
  topicsLabel: 'Grupos preferidos',
  needs: (focus: number) => `lo que toca aprender, ${count(focus, 'destreza')} por grupo`,
  needsLabel: 'Lo que toca aprender',
  limits: (number: number) => count(number, 'límite'),
  limitsLabel: 'Al menos, como mucho, nunca a solas',
  naming: {
    words: 'con palabras',
    numbers: 'con números',
    letters: 'con letras',
    list: 'con una lista propia',
  },
  namingLabel: 'Nombres de los grupos',
  lead: 'responsable',
  roleGiven: {
    random: (role: string) => `${role} al azar`,
    first: (role: string) => `${role} a la primera persona de cada grupo`,
    turns: (role: string) => `${role} por turnos`,
  },
  rolesLabel: 'Funciones en cada grupo',
  alsoOptions: {
    balance: 'mezclar un dato o agrupar por él',
    sections: 'secciones',
    freshPartners: 'compañeros nuevos',
    wishes: 'deseos',
    topics: 'grupos preferidos',
    needs: 'lo que toca aprender',
    limits: 'al menos, como mucho, nunca a solas',
    dealing: 'repartir sin barajar',
    roles: 'responsable u otras funciones',
    naming: 'nombres de los grupos',
    saved: 'guardar o usar una receta',
  },
  givesValues: (number: number) => count(number, 'grupo'),
  sizing: (sizing: Sizing) => {
    switch (sizing.by) {
      case 'count':
        return count(sizing.count, 'grupo');
      case 'size':
        return `grupos de ${sizing.size}`;
      case 'atMost':
        return `grupos de ${sizing.size} como mucho`;
      case 'range':
        return `grupos de ${sizing.least} a ${sizing.most}`;
      case 'sizes':
        return `grupos de ${listNames(sizing.sizes.map(String))}`;
      default:
        return sizing satisfies never;
    }
  },
  sizingLabel: 'Cuántos grupos, o cuántas personas en cada uno',
  sizingBy: {
    count: 'Tantos grupos',
    size: 'Tantas personas en cada uno',
    atMost: 'Como mucho tantas en cada uno',
    range: 'De tantas a tantas',
    sizes: 'Cada uno con su tamaño',
  },
  leastLabel: 'Mínimo de personas en un grupo',
  mostLabel: 'Máximo de personas en un grupo',
  smallerLeast: 'Mínimo: una menos',
  largerLeast: 'Mínimo: una más',
  smallerMost: 'Máximo: una menos',
  largerMost: 'Máximo: una más',
  sizesLabel: 'Tamaños de los grupos, uno tras otro',
  sizesHint: 'Por ejemplo 5, 5, 4, 3.',
  sizesUnread: 'Esto no son tamaños. Escriba números enteros separados por comas.',
  rangeHint: 'Tan igualados como permitan las reglas discretas.',
  countLabel: 'Número de grupos',
  fewerGroups: 'Un grupo menos',
  moreGroups: 'Un grupo más',
  sizeLabel: 'Personas en cada grupo',
  smallerGroups: 'Una persona menos en cada uno',
  largerGroups: 'Una persona más en cada uno',
  sizeTooLarge: (size: number, here: number) =>
    `No es posible un grupo de ${size}: hoy ${here === 1 ? 'hay 1 estudiante' : `hay ${here} estudiantes`}.`,
  here: (number: number) => `${figureOf(number)} presentes hoy`,
  leftoverLabel: 'Qué pasa con quienes sobran',
  leftover: {
    spread: 'entre todos los grupos',
    larger: 'en grupos mayores',
    smaller: 'en un grupo menor',
  },
  leftoverExplained: {
    spread: 'Lo más cerca posible del tamaño; los grupos difieren como mucho en una persona.',
    larger: 'Ningún grupo es menor que el tamaño; quienes sobran se reparten entre los grupos.',
    smaller: 'Todos los grupos tienen el tamaño menos el último, que recibe a quienes quedan.',
  },
  oneAlone: 'Una persona se quedaría a solas.',
  farLarger: (largest: number, size: number) =>
    `Hay muy pocos grupos para quienes sobran: ${largest} en un grupo en lugar de ${size}.`,
  leftoverInstead: {
    spread: 'Repartir entre todos',
    larger: 'Que se sumen a otros grupos',
    smaller: 'Ponerlos en un grupo menor',
  },
  rules: (number: number) =>
    number === 0 ? 'reglas discretas' : count(number, 'regla discreta', 'reglas discretas'),
  gives: (counts: readonly { readonly groups: number; readonly size: number }[]) =>
    listNames(
      counts.map(({ groups, size }, index) =>
        index === 0 ? `${count(groups, 'grupo')} de ${size}` : `${groups} de ${size}`,
      ),
    ),
};
