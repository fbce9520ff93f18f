import type { ClashReason } from '../../core/format';
import type { ClashNames } from '../en/clash';
import { clash } from './rules';
import { count, listNames } from './words';

/** Names in one sentence, at most. */
const MOST_NAMED = 12;

/** Why rules cannot all hold, in one sentence. */
function clashSentence(reason: ClashReason, { student, value }: ClashNames): string {
  const names = listNames(reason.students.map(student));
  const withValue = 'value' in reason ? value(reason.attribute, String(reason.value)) : '';
  switch (reason.code) {
    case 'togetherYetApart':
      return `Una regla mantiene juntos a ${names} y otra por separado.`;
    case 'blockTooLarge':
      return `${names} van juntos: son ${reason.blockSize} estudiantes, y en el grupo más grande caben ${reason.largestGroup}.`;
    case 'tooManyApart':
      return `${names} necesitarían un grupo cada uno: serían ${reason.needed}, y hay ${count(reason.groups, 'grupo')}.`;
    case 'noGroupFits':
      return `${names} no ${reason.students.length === 1 ? 'tiene' : 'tienen'} sitio: lo que está fijado sobre grupos y secciones no deja ningún grupo para ${reason.students.length === 1 ? 'esa persona' : 'todos a la vez'}.`;
    case 'pinnedTooMany':
      return `${names} tienen fijado el mismo grupo: son ${reason.students.length} estudiantes, y tiene ${count(reason.seats, 'plaza')}.`;
    case 'tooFewSections':
      return `Cada sección tiene grupos propios, y hay ${reason.sections} secciones para ${count(reason.groups, 'grupo')}.`;
    case 'tooFewWithValue':
      return `Entre todos los grupos hacen falta ${reason.needed} estudiantes con ${withValue}, y hoy ${reason.have === 1 ? 'hay 1' : `hay ${reason.have}`}.`;
    case 'tooManyWithValue':
      return `Hay ${reason.have} estudiantes con ${withValue}, y entre todos los grupos pueden admitir a ${reason.needed}.`;
    case 'aloneWithValue':
      return `Solo ${names} tiene ${withValue}, así que nadie puede acompañar en eso.`;
    case 'cannotBeShared':
      return `${reason.have === 1 ? 'Hay 1 estudiante' : `Hay ${reason.have} estudiantes`} con ${withValue}. Grupos de estos tamaños no pueden sumar ese número cumpliendo cada uno lo que se le pide.`;
    case 'exhausted':
      if (reason.students.length === 0) {
        return 'Cualquier forma de hacer grupos de estos tamaños incumple alguna de las reglas.';
      }
      if (reason.students.length > MOST_NAMED) {
        return `Cualquier forma de colocar a los ${reason.students.length} estudiantes de estas reglas en grupos de estos tamaños incumple alguna de las reglas que les afectan.`;
      }
      return `Cualquier forma de colocar a ${names} en grupos de estos tamaños incumple alguna de las reglas que les afectan.`;
    default:
      return reason satisfies never;
  }
}

/** For a result that breaks rules though nobody has proved that it must. */
const notFound =
  'En el tiempo permitido no se han encontrado grupos que cumplan todas las reglas. Quizá existan: inténtelo otra vez o deje fuera una regla.';

export const clashEs = { ...clash, sentence: clashSentence, notFound };
