import type { RequestIssue } from '../../schema/request';
import { listNames } from './words';

/** One sentence for a request that cannot be used. */
export function requestIssueSentence(issue: RequestIssue): string {
  const at = issue.path === '' ? '' : ` (en ${issue.path})`;
  switch (issue.code) {
    case 'notARequest':
      return 'Esto no es un archivo gruppetto.request: su «format» dice otra cosa.';
    case 'newerRequest':
      return `Esta petición tiene la versión ${issue.given}, más nueva que la versión 1 que lee este Gruppetto.`;
    case 'ruleNotKnown':
      return issue.kind === ''
        ? `Una regla no dice de qué tipo es${at}.`
        : `No se conocen reglas del tipo «${issue.kind}»${at}. Se conocen ${listNames(issue.known)}.`;
    case 'goalNotKnown':
      return issue.kind === ''
        ? `Un objetivo no dice de qué tipo es${at}.`
        : `No se conocen objetivos del tipo «${issue.kind}»${at}. Se conocen ${listNames(issue.known)}.`;
    case 'unknownField':
      return `El campo «${issue.field}» no forma parte del formato de petición${at}.`;
    case 'wrongValue':
      return `Un valor no encaja en el formato de petición${at}: ${issue.detail}.`;
    case 'studentTwice':
      return `«${issue.id}» está dos veces en la lista de estudiantes${at}.`;
    case 'unknownStudent':
      return `Se nombra a «${issue.id}», que no está entre los estudiantes${at}.`;
    case 'tooFewInRule':
      return `Una regla necesita al menos dos estudiantes distintos y tiene ${issue.given}${at}.`;
    case 'unknownAttribute':
      return `Nadie tiene «${issue.attribute}»${at}.`;
    case 'negativeGroup':
      return `Los grupos se cuentan desde 0, y ${issue.given} está por debajo${at}.`;
    case 'noCurrent':
      return `El objetivo «steady» necesita «current», los grupos a los que parecerse${at}.`;
    case 'skillTwice':
      return `La escalera nombra dos veces la destreza «${issue.skill}»${at}.`;
    case 'unknownSkill':
      return `Se pide «${issue.skill}», que no es una destreza de la escalera${at}.`;
    case 'seatedTwice':
      return `«${issue.id}» está en dos grupos de «current»${at}.`;
    case 'tooManyStudents':
      return `La petición tiene ${issue.given} estudiantes; el límite es ${issue.most}.`;
    default:
      return issue satisfies never;
  }
}
