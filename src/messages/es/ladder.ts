import type { LadderIssue, LadderRead } from '../../formats/ladder';
import type { MasteryRule } from '../../schema/classRecord';
import { count, listNames, shortDay, wordFor } from './words';

const per = (share: number): string => `${Math.round(share)} %`;

/** What the view of the skill ladder says. */
export const ladder = {
  page: 'Escalera de destrezas',
  title: 'La escalera',
  back: 'Volver a la lista',
  none: 'Una escalera es una lista de destrezas en el orden en que se aprenden. Con ella se agrupa a cada estudiante por lo que le toca aprender.',
  begin: 'Escriba las destrezas, una por línea, o abra un archivo que las tenga.',
  rule: 'Una destreza cuenta como dominada con {rule}.',
  ruleLabel: 'Cuándo cuenta una destreza como dominada',
  ruleOf: (rule: MasteryRule) =>
    rule.by === 'share'
      ? `el ${rule.percent} % de los puntos${rule.least > 1 ? `, con al menos ${rule.least} respuestas` : ''}`
      : `${rule.right} ${wordFor(rule.right, 'acierto', 'aciertos')} de las últimas ${rule.of} respuestas`,
  ruleBy: 'Se cuenta por',
  ruleByOf: { share: 'puntos', last: 'respuestas correctas' },
  percent: 'Tanto por ciento de los puntos',
  least: 'Al menos tantas respuestas',
  right: 'Respuestas correctas',
  of: 'De las últimas',
  fewer: 'Una menos',
  more: 'Una más',
  between: (least: number, most: number) => `Entre ${least} y ${most}.`,
  ruleNote: (right: number) =>
    `Cuentan las respuestas más nuevas; donde son pocas se suman las anteriores. Una respuesta es correcta desde el ${right} % de sus puntos. Lo que dice la lista de clase cuenta como lo más antiguo.`,
  picture: 'Dónde está cada cual',
  rung: (number: number, name: string) => `${number}. ${name}`,
  top: 'la domina entera',
  unknown: 'sin resultados',
  standsAt: (students: number) => (students === 0 ? 'nadie' : count(students, 'estudiante')),
  studentAt: (name: string, place: string) => `${name}, ${place}`,
  moreHere: (number: number) => `y ${number} más`,
  groups: (name: string) => `Los grupos de ${name}`,
  group: (name: string, from: string, to: string, focus: readonly string[]) =>
    `${name}: ${from === to ? `todos en ${from}` : `de ${from} a ${to}`}; ${focus.length === 0 ? 'no trabaja nada de ella' : `trabaja ${listNames(focus)}`}`,
  groupsKey: 'Una línea: de dónde a dónde está un grupo. Un rombo: una destreza que trabaja.',
  noGroups:
    'Los grupos aparecen aquí en cuanto se agrupan por lo que toca aprender: es una parte de la frase en la página de grupos.',
  toGroups: 'Grupos',
  close: 'Cerrar',
  resultsOf: (name: string) => `Lo que domina ${name}`,
  state: { mastered: 'dominada', notYet: 'todavía no', unknown: 'no se sabe' },
  standing: (state: 'mastered' | 'notYet' | 'unknown', share: number | null, answers: number) => {
    const known = share === null ? '' : ` (${per(share)} de ${count(answers, 'respuesta')})`;
    return `${{ mastered: 'dominada', notYet: 'todavía no', unknown: answers > 0 ? 'muy pocas respuestas' : 'no se sabe' }[state]}${known}`;
  },
  answersIn: (test: string, day: string) => `${test}, ${shortDay(day)}`,
  answer: (question: string, whole: number) => `${question}, de ${whole}`,
  noAnswer: 'ninguna',
  badAnswer: (given: string, whole: number) =>
    `«${given}» no es un número de 0 a ${whole}. Se ha conservado lo que había.`,
  contradictions: 'Fuera de orden',
  contradiction: (name: string, beyond: string, gap: string) =>
    `${name} domina ${beyond}, y no ${gap}.`,
  contradictionsHint:
    'O el orden de la escalera es otro en su caso, o un resultado no es correcto. No se ha cambiado nada: les toca la destreza anterior.',
  moved: (test: string) => `Desde ${test}`,
  movedNone: 'Nadie se ha movido en la escalera.',
  movedOn: (name: string, from: string, to: string) => `${name}: ${from} → ${to}`,
  movedStays: (name: string, at: string) => `${name} sigue en ${at}`,
  won: (skills: readonly string[]) => `nuevo: ${listNames(skills)}`,
  lost: (skills: readonly string[]) => `ya no: ${listNames(skills)}`,
  regroup:
    'En la página de grupos, «Reagrupar con pocos cambios» atiende después a cuantos sea posible y no mueve a nadie sin necesidad.',
  skills: (number: number) => `Destrezas (${number})`,
  skillName: 'Nombre de la destreza',
  skillText: (name: string) => `Sobre ${name}`,
  noText: 'qué significa',
  addSkill: 'Añadir una destreza',
  addMany: 'Destrezas que se añaden, una por línea',
  up: (name: string) => `${name} se aprende antes`,
  down: (name: string) => `${name} se aprende después`,
  remove: (name: string) => `Quitar ${name} de la escalera`,
  isDetail: (name: string) => `${name} es un dato de la lista; quítelo allí`,
  removed: (name: string) => `${name} ya no está en la escalera. Sus resultados se conservan.`,
  taken: (name: string) => `Ya hay una destreza llamada ${name}.`,
  open: 'Abrir una escalera',
  opened: (number: number) => `La escalera tiene ahora ${count(number, 'destreza')}.`,
  save: 'Guardar la escalera como',
  saveAs: { json: 'un archivo para Gruppetto (JSON)', csv: 'una tabla (CSV)' },
  fileName: (name: string) => `${name}, escalera de destrezas`,
  keepEverywhere: 'Guardar para todas las clases',
  kept: (name: string) => `Guardada como ${name}. Cualquier clase puede tomarla.`,
  takeKept: 'Tomar una escalera guardada',
  chooseKept: 'elegir…',
  forgetKept: (name: string) => `Olvidar la escalera ${name}`,
  keptName: 'Guardarla como',
  unread: (code: Extract<LadderRead, { ok: false }>['code'], file: string) =>
    ({
      empty: `${file} no contiene ninguna destreza.`,
      notLadder: `${file} no es una escalera que se pueda leer. Una escalera es una lista con una destreza por línea, o un archivo guardado aquí.`,
      newer: `${file} lo guardó un Gruppetto más nuevo, que dice más de lo que este sabe leer.`,
    })[code] + ' La escalera se queda como está.',
  issue: (issue: LadderIssue) => {
    switch (issue.code) {
      case 'twice':
        return `${issue.name} aparece dos veces, otra vez en la línea ${issue.line}; se ha tomado una.`;
      case 'shortened':
        return `La línea ${issue.line} es demasiado larga y se ha acortado: ${issue.name.slice(0, 30)}…`;
      case 'tooMany':
        return `Hay ${issue.given} destrezas; se han tomado las primeras ${issue.most}.`;
      default:
        return issue satisfies never;
    }
  },
  tests: (number: number) =>
    number === 0 ? 'Resultados' : `Resultados (${count(number, 'prueba')})`,
  testsNone:
    'Aún no se ha traído ninguna prueba. Hasta entonces cuenta lo que dice la lista de clase.',
  testLine: (day: string, students: number, questions: number) =>
    `${shortDay(day)}: ${count(students, 'estudiante')}, ${count(questions, 'pregunta')}`,
  testName: 'Nombre de la prueba',
  testDay: (name: string) => `Día de ${name}`,
  testRemove: (name: string) => `Quitar ${name} con todas sus respuestas`,
  testRemoved: (name: string) => `Se ha quitado ${name}.`,
  questions: 'Qué destreza pide cada pregunta',
  asksFor: (question: string) => `${question} pide`,
  asksNothing: 'ninguna de la escalera',
  takeIn: {
    title: 'Traer resultados',
    text: 'Una lista con estudiantes y sus respuestas',
    hint: 'Péguela desde una hoja de cálculo: nombres, números o direcciones, y una columna por pregunta; puntos, marcas, 7/10, tantos por ciento o palabras.',
    open: 'Abrir un archivo',
    leave: 'Ahora no',
    name: 'Se llama',
    usualName: (number: number) => `Prueba ${number}`,
    day: 'Día de la prueba',
    noColumn: 'Ninguna columna de esta lista se puede leer como respuestas.',
    noHeading: (number: number) => `Columna ${number}`,
    take: (heading: string) => `Traer ${heading}`,
    whole: (whole: number) => `de ${whole}`,
    newSkill: (name: string) => `una destreza nueva: ${name}`,
    unmatched: (questions: number) =>
      `${count(questions, 'pregunta')} no ${wordFor(questions, 'pide', 'piden')} aún ninguna destreza. Se conservan, y cuentan en cuanto usted diga cuál.`,
    matched: (matched: number, unknown: readonly string[]) =>
      unknown.length === 0
        ? wordFor(
            matched,
            'La única persona está en la clase.',
            `Los ${matched} están en la clase.`,
          )
        : `${count(matched, 'estudiante')} de la clase. No están en ella, y quedan fuera: ${listNames(unknown)}.`,
    missing: (names: readonly string[]) => {
      const MOST = 8;
      const told =
        names.length <= MOST
          ? names
          : [...names.slice(0, MOST - 2), `otros ${names.length - MOST + 2}`];
      return `No están en esta lista, y se quedan sin estos resultados: ${listNames(told)}.`;
    },
    unread: (name: string, heading: string, cell: string, whole: number) =>
      `${name}, ${heading}: «${cell}» no es una respuesta de ${whole}, y se deja en blanco.`,
    unreadMore: (number: number) => `y ${number} celdas más como esas`,
    go: (questions: number) => `Guardar ${count(questions, 'pregunta')}`,
    done: (students: number) =>
      `Se han guardado los resultados de ${count(students, 'estudiante')}.`,
  },
};
