'use client';

import { Button } from '../../primitives/Button';
import { focusFirst } from '../../primitives/focusFirst';
import { useLayoutEffect, useRef } from 'react';
import type { Bench } from '@/encode/bench';
import { sayRecipe } from '@/messages/recipe';
import { changeRecipe } from '@/store/actions/lineups';
import { useStore } from '@/store/react';
import type { Recipe } from '@/schema/recipe';
import styles from './RecipeEditor.module.css';
import type { PartKey } from './parts';
import { useWorkbench } from '../workbench/Workbench';

interface AlsoMenuProps {
  readonly onPick: (part: PartKey) => void;
}

type Also = keyof typeof sayRecipe.alsoOptions;

/** What the sentence does not say yet and could; picking one opens its editor in the same place. */
export function AlsoMenu({ onPick }: AlsoMenuProps) {
  const bench = useWorkbench('bench');
  const store = useStore();
  const list = useRef<HTMLUListElement>(null);
  useLayoutEffect(() => focusFirst(list.current), []);
  const pick = (key: Also): void => {
    const start = STARTS[key];
    if (start) changeRecipe(store, bench.lineup.id, start);
    onPick(key);
  };
  return (
    <ul ref={list} className={styles.also}>
      {offered(bench).map((key) => (
        <li key={key}>
          <Button variant="paper" size="small" onClick={() => pick(key)}>
            {sayRecipe.alsoOptions[key]}
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** Parts that mean something as soon as they are asked for. */
const STARTS: Readonly<Partial<Record<Also, Partial<Recipe>>>> = {
  sections: { sections: 'mixed' },
  freshPartners: { freshPartners: 'plain' },
  wishes: { wishes: 'plain' },
  topics: { topics: 'plain' },
  needs: { needs: { focus: 2, importance: 'most', unknown: 'anywhere' } },
};

function offered({ lineup, theClass, students, history, mastery }: Bench): readonly Also[] {
  const { recipe } = lineup;
  const shuffled = recipe.dealing.by === 'shuffle';
  const has: readonly (readonly [Also, boolean])[] = [
    ['balance', shuffled && theClass.details.length > 0],
    ['sections', shuffled && recipe.sections === 'any' && theClass.sections.length > 1],
    ['freshPartners', shuffled && recipe.freshPartners === null && history.length > 0],
    [
      'wishes',
      shuffled && recipe.wishes === null && students.some(({ wishes }) => wishes.length > 0),
    ],
    ['topics', shuffled && recipe.topics === null && Object.keys(lineup.ranks).length > 0],
    [
      'needs',
      shuffled && recipe.needs === null && students.some((one) => mastery.needs(one).length > 0),
    ],
    [
      'limits',
      shuffled &&
        recipe.limits.length === 0 &&
        (theClass.details.length > 0 || theClass.sections.length > 1),
    ],
    ['dealing', true],
    ['roles', recipe.roles.length === 0 && recipe.dealing.by !== 'choose'],
    ['naming', true],
    ['saved', true],
  ];
  return has.flatMap(([key, may]) => (may ? [key] : []));
}
