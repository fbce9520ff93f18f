import type { ToldFact } from '@/encode/insightTypes';
import { sayGroups } from '@/messages/groups';
import { sayBench } from '@/messages/bench';
import type { ClassRecord } from '@/schema/classRecord';
import type { NameOf } from '../../frame/names';
import { detailName, valueName } from '../../frame/detailWords';
import { ruleSentence } from '../../frame/ruleSources';

export interface Sentence {
  readonly text: string;
  readonly bad: boolean;
}

interface Words {
  readonly theClass: ClassRecord;
  readonly nameOf: NameOf;
  /** Whether the fact is about one student or a whole group. */
  readonly about: 'student' | 'group';
}

/** A share nearer than this to what a group has needs no word. */
const NEAR_SHARE = 1;

/** A fact in words; null where it says nothing worth reading. */
export function factSentence(fact: ToldFact, { theClass, nameOf, about }: Words): Sentence | null {
  const { drawer } = sayBench;
  const good = (text: string): Sentence => ({ text, bad: false });
  switch (fact.code) {
    case 'ruleKept':
      return good(drawer.isKept(ruleSentence(fact.source, theClass, nameOf)));
    case 'ruleBroken':
      return { text: drawer.isBroken(ruleSentence(fact.source, theClass, nameOf)), bad: true };
    case 'mean': {
      const name = detailName(theClass, detailOf(fact.attribute));
      if (fact.group === null) return good(drawer.noValue(name));
      return good(
        drawer.mean(
          capital(name),
          sayGroups.measures.figure(fact.group),
          sayGroups.measures.figure(fact.all),
        ),
      );
    }
    case 'share': {
      if (Math.abs(fact.have - fact.share) < NEAR_SHARE) return null;
      const detail = detailOf(fact.attribute);
      const value = valueName(theClass, detail, fact.value);
      const name = capital(detailName(theClass, detail));
      return good(drawer.share(name, value, fact.have, sayGroups.measures.figure(fact.share)));
    }
    case 'onlyOne': {
      const detail = detailOf(fact.attribute);
      return good(
        drawer.onlyOne(detailName(theClass, detail), valueName(theClass, detail, fact.value)),
      );
    }
    case 'metBefore':
      if (fact.of === 0) return null;
      return about === 'student'
        ? good(fact.met === 0 ? drawer.metNobody(fact.of) : drawer.metSome(fact.met, fact.of))
        : good(fact.met === 0 ? drawer.pairsNew(fact.of) : drawer.pairsMet(fact.met, fact.of));
    case 'wishes':
      if (about === 'group') return good(drawer.wishes(fact.met, fact.of));
      return good(fact.met > 0 ? drawer.wishMet : drawer.wishUnmet);
    default:
      return fact satisfies never;
  }
}

/** The detail behind an attribute of the request; levels are matched by their rank. */
function detailOf(attribute: string): string {
  return attribute.replace(/^rank of /, '');
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
