import { count, eitherOf, listNames, longDay } from './words';

type Kind = 'apart' | 'together';
type LimitKind = 'atLeast' | 'atMost' | 'notAlone';

const detailValue = (detail: string, value: string): string => `${detail}: ${value}`;
const keepWord: Readonly<Record<Kind, string>> = { apart: 'por separado', together: 'juntos' };

export const rules = {
  title: 'Reglas discretas',
  quiet: 'Solo para usted. La clase nunca las ve.',
  kindLegend: 'Mantener',
  kind: { apart: 'a estos por separado', together: 'a estos juntos' },
  andWord: 'y',
  kindWord: { apart: 'separados', together: 'juntos' },
  toldAs: {
    apart: [
      ...['separad[oa]s?(?: de)?', 'separar(?: a)?', 'separe(?: a)?', 'aparte(?: de)?'],
      ...['lejos de', 'en grupos (?:distintos|diferentes)'],
    ],
    together: ['junt[oa]s?(?: con| a)?', 'en el mismo grupo(?: que)?', 'con'],
    not: ['no', 'nunca', 'jam[aá]s'],
    between: ['e', 'ni', 'o'],
    idle: [
      ...['por favor', 'mantener(?: a)?', 'mantenga(?: a)?', 'poner(?: a)?', 'ponga(?: a)?'],
      ...['deben?', 'pueden?', 'que', 'est[ée]n?', 'estar', 'trabaj(?:en?|ar)', 'sienten?'],
      ...['vayan', 'ir', 'siempre'],
    ],
  },
  unclear: (name: string, among: readonly string[]) =>
    among.length === 0
      ? `Nadie en esta clase se llama «${name}». Escriba el nombre tal como está en la lista.`
      : `«${name}» puede ser ${eitherOf(among)}. Escriba más del nombre.`,
  names: 'Nombres, dos o más, y «separados» o «juntos»',
  namesExample: 'Escriba el principio de un nombre…',
  nobody: 'Nadie más se llama así en esta clase',
  add: 'Añadir la regla',
  addSentence: (sentence: string) => `Añadir: ${sentence}`,
  added: (sentence: string) => `Regla añadida: ${sentence}.`,
  none: 'Aún no hay reglas discretas. Cualquiera puede estar con cualquiera.',
  sectionsKept: 'Cada sección en grupos propios',
  pinned: (name: string) => `${name} tiene un grupo fijo`,
  limit: (kind: LimitKind, detail: string, value: string, number: number) =>
    kind === 'notAlone'
      ? `nadie a solas en un grupo con ${detailValue(detail, value)}`
      : `${kind === 'atLeast' ? 'al menos' : 'como mucho'} ${number} con ${detailValue(detail, value)} en cada grupo`,
  limitEvery: (kind: LimitKind, detail: string, number: number) =>
    kind === 'notAlone'
      ? `nadie a solas en un grupo en cuanto a ${detail}`
      : `${kind === 'atLeast' ? 'al menos' : 'como mucho'} ${number} de cada valor de ${detail} en cada grupo`,
  detailValue,
  keep: (kind: Kind) => `Mantenerlos ${keepWord[kind]}`,
  sentence: (kind: Kind, names: readonly string[]) => `${listNames(names)} ${keepWord[kind]}`,
  until: (date: string) => `hasta el ${longDay(date)}`,
  turn: { apart: 'pasar a separados', together: 'pasar a juntos' },
  turnInto: (kind: Kind, sentence: string) =>
    `Mantenerlos en cambio ${keepWord[kind]} (ahora: ${sentence})`,
  remove: (sentence: string) => `Quitar la regla: ${sentence}`,
  removed: 'Se ha quitado la regla.',
  check: '¿Pueden cumplirse las reglas?',
  allCanHold: (number: number, groups: number) =>
    `${number === 1 ? 'La regla puede cumplirse' : number === 2 ? 'Ambas reglas pueden cumplirse' : `Las ${number} reglas pueden cumplirse`} en ${count(groups, 'grupo')}.`,
  whereTitle: 'Dónde se ven estas reglas',
  where: [
    'Aquí, y junto a cada grupo en la página de grupos.',
    'Nunca en el escenario, ni en ningún archivo o copia que entregue.',
    'Los motivos y las fechas son solo suyos.',
  ],
  stateHere: (none: boolean, broken: number) =>
    broken > 0
      ? `${count(broken, 'regla')} sin cumplir`
      : none
        ? 'aquí no hay reglas discretas'
        : 'se cumplen',
  brokenHere: (kind: Kind, names: readonly string[]) =>
    kind === 'apart' ? `${listNames(names)} coinciden` : `${listNames(names)} no están juntos`,
  limitBrokenHere: (
    kind: LimitKind,
    detail: string,
    value: string,
    names: readonly string[],
    number: number,
  ) => {
    const what = detailValue(detail, value);
    switch (kind) {
      case 'notAlone':
        return `aquí solo ${listNames(names)} tiene ${what}`;
      case 'atMost':
        return `${names.length} aquí con ${what}, como mucho ${number}`;
      case 'atLeast':
        return names.length === 0
          ? `aquí nadie tiene ${what}`
          : `aquí solo ${names.length} de ${number} con ${what}`;
      default:
        return kind satisfies never;
    }
  },
};

export const clash = {
  title: 'Estas reglas no pueden cumplirse todas',
  notFoundTitle: 'No se ha cumplido cada una de las reglas',
  rulesConcerned: 'Reglas afectadas',
  makeGroups: (groups: number) => `Formar ${count(groups, 'grupo')}`,
  makeSize: (size: number) => `Formar grupos de ${size}`,
  makeRange: (least: number, most: number) => `Formar grupos de ${least} a ${most}`,
  dropOnce: (sentence: string) => `Dejar fuera por esta vez: ${sentence}`,
  mayBeLess:
    'Son demasiadas reglas para probarlas una a una: puede que algunas de estas no tengan que ver.',
  moreRules: (number: number) => `y ${count(number, 'regla')} más`,
  moreWays: (number: number) => count(number, 'otra salida', 'otras salidas'),
  othersClash:
    'Hay otras reglas que también chocan: no basta con dejar fuera una de estas, hay que dejar varias a la vez.',
  dropAllOnce: (sentences: readonly string[]) =>
    `Dejar fuera juntas por esta vez: ${sentences.join('; ')}`,
  drop: (sentence: string) => `Quitar del todo: ${sentence}`,
  useAnyway: (broken: number) =>
    `Usar lo mejor encontrado, con ${count(broken, 'regla')} sin cumplir`,
};
