import type { ProblemIssue } from '../../core/problem/problem';
import { count } from './words';

/** Why a number of groups or a size of group cannot be had. */
export function sizingIssueSentence(issue: ProblemIssue): string {
  switch (issue.code) {
    case 'noStudents':
      return 'No hay a quién repartir en grupos: no está presente ningún estudiante.';
    case 'notWhole':
      return `${issue.given} no es un número entero.`;
    case 'countTooSmall':
      return 'Tiene que haber al menos 1 grupo.';
    case 'countTooLarge':
      return issue.most === 1
        ? 'Solo puede haber 1 grupo, porque hay 1 estudiante.'
        : `Puede haber como mucho ${issue.most} grupos, uno por cada estudiante presente.`;
    case 'noSuchGroup':
      return `Alguien tiene fijado el grupo ${issue.given}, contando desde 0, y hay ${count(issue.groups, 'grupo')}.`;
    case 'sizeTooSmall':
      return 'Un grupo necesita al menos 1 estudiante.';
    case 'tooLarge':
      return `${issue.given} es demasiado: se pueden pedir cifras hasta ${issue.most}.`;
    case 'sizesDoNotAddUp':
      return `En estos tamaños caben ${count(issue.given, 'estudiante')}, y hoy ${issue.students === 1 ? 'hay 1' : `hay ${issue.students}`}.`;
    case 'sizesWithSections':
      return 'No se puede dar cada tamaño por separado mientras cada sección tenga grupos propios.';
    case 'sectionsNeedGroups':
      return `Las secciones necesitan ${count(issue.needed, 'grupo propio', 'grupos propios')}, y se ${issue.given === 1 ? 'pide' : 'piden'} ${issue.given}.`;
    case 'rangeTurned':
      return `El tamaño mínimo, ${issue.least}, es mayor que el máximo, ${issue.most}.`;
    case 'rangeCannotHold':
      return `${count(issue.students, 'estudiante')} no se pueden repartir en grupos de ${issue.least} a ${issue.most}.`;
    default:
      return issue satisfies never;
  }
}
