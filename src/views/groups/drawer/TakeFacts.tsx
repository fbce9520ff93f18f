'use client';

import { Button } from '../../primitives/Button';
import { LinkButton } from '../../primitives/LinkButton';
import { WHOLE } from '@/encode/openPart';
import { freeSign } from '@/encode/takeGroups';
import { sayBench } from '@/messages/bench';
import { sayGroups } from '@/messages/groups';
import { addGroup } from '@/store/actions/takes';
import { useStore } from '@/store/react';
import { namesFor } from '../../frame/groupNaming';
import { askedSentence } from '../../frame/ruleSources';
import { useNotices } from '../../primitives/notices';
import styles from './Drawer.module.css';
import { Ladder } from './Ladder';
import { Offers } from './Offers';
import { Roles } from './Roles';
import { useShownTake, useWorkbench } from '../workbench/Workbench';

/** The take as a whole: counts, rules, what would help, another group, roles in every group. */
export function TakeFacts() {
  const take = useShownTake();
  const bench = useWorkbench('bench');
  const sheet = useWorkbench('sheet');
  const shuffle = useWorkbench('shuffle');
  const nameOf = useWorkbench('nameOf');
  const store = useStore();
  const { announce } = useNotices();
  const { drawer } = sayBench;
  const broken = sheet.groups.flatMap((group) => group.broken);
  const seated = sheet.groups.reduce((total, { size }) => total + size, 0);
  const sentences = [
    ...new Set(broken.map(({ source }) => askedSentence(source, bench.theClass, nameOf))),
  ];
  const add = (): void => {
    const row = take.groups.length;
    const name = namesFor(bench.theClass, bench.lineup, row + 1)[row] ?? '';
    addGroup(store, take.id, name, freeSign(take.groups, row));
    announce(drawer.added(name));
  };
  return (
    <>
      <h2 className={styles.title}>{drawer.takeTitle(take.number)}</h2>
      <ul className={styles.facts}>
        <li>{drawer.seated(seated, sheet.groups.length)}</li>
        {sheet.aside.length > 0 && <li>{drawer.standAside(sheet.aside.length)}</li>}
        {bench.rules.length > 0 && broken.length === 0 && (
          <li>{drawer.allKept(bench.rules.length)}</li>
        )}
        {sentences.map((sentence) => (
          <li key={sentence} className={styles.broken}>
            {drawer.isBroken(sentence)}
          </li>
        ))}
        {shuffle.proven && <li>{sayGroups.differences.proven}</li>}
        {take.dealt && <li>{drawer.changedByHand}</li>}
      </ul>
      {bench.lineup.recipe.needs && (
        <>
          <Ladder row={null} />
          <Button
            size="small"
            variant="paper"
            title={drawer.regroupHint}
            onClick={() => void shuffle.make({ ...WHOLE, few: true })}
          >
            {drawer.regroup}
          </Button>
        </>
      )}
      <Offers />
      <Roles />
      <Button size="small" variant="paper" onClick={add}>
        {drawer.add}
      </Button>
      <LinkButton size="small" variant="paper" href={`/c/${bench.theClass.id}/groups/adults`}>
        {drawer.adults}
      </LinkButton>
      <p className={styles.hint}>{drawer.howToMove}</p>
    </>
  );
}
