'use client';

import { useTold } from '../../frame/useTold';
import { Button } from '../../primitives/Button';
import { lazily } from '../../primitives/lazily';
import { freeSign } from '@/encode/takeGroups';
import { sayBench } from '@/messages/bench';
import {
  lockGroup,
  mergeGroups,
  removeGroup,
  renameGroup,
  splitAt,
  splitGroup,
} from '@/store/actions/takes';
import { useStore } from '@/store/react';
import { namesFor } from '../../frame/groupNaming';
import { useNotices } from '../../primitives/notices';
import { Sign } from '../../primitives/Sign';
import { InPlaceText } from '../../primitives/InPlaceText';
import styles from './Drawer.module.css';
import { FactList } from './FactList';
import { Ladder } from './Ladder';
import { GroupCard } from './GroupCard';
import { GroupNeeds } from './GroupNeeds';
import { GroupRoles } from './GroupRoles';
import { Offers } from './Offers';
import { SignChoice } from './SignChoice';
import { useShownTake, useWorkbench } from '../workbench/Workbench';

/** Charts are loaded when one is first looked at. */
const GroupChart = lazily(() => import('./GroupChart').then((module) => module.GroupChart));

interface GroupFactsProps {
  readonly row: number;
}

/** Names more than this to merge with would be a list of their own. */
const MOST_TO_MERGE = 12;

/** What a group is like beside the class, what would help it, and how to change it. */
export function GroupFacts({ row }: GroupFactsProps) {
  const take = useShownTake();
  const bench = useWorkbench('bench');
  const sheet = useWorkbench('sheet');
  const selection = useWorkbench('selection');
  const insight = useWorkbench('insight');
  const guard = useWorkbench('guard');
  const store = useStore();
  const told = useTold();
  const { announce } = useNotices();
  const { drawer } = sayBench;
  const group = sheet.groups[row];
  if (!group) return null;
  const remove = (): void => {
    const others = take.groups.filter((_, index) => index !== row);
    guard.ask(
      others.map(({ studentIds }) => studentIds),
      () => {
        removeGroup(store, take.id, row);
        selection.clear();
        told(drawer.removed(group.name, group.size));
      },
    );
  };
  const merge = (into: number): void => {
    mergeGroups(store, take.id, row, into);
    selection.clear();
    told(drawer.merged(sheet.groups[into]?.name ?? ''));
  };
  const split = (): void => {
    const count = take.groups.length;
    const name = namesFor(bench.theClass, bench.lineup, count + 1)[count] ?? '';
    guard.ask(
      splitAt(
        take.groups.map(({ studentIds }) => studentIds),
        row,
      ),
      () => {
        splitGroup(store, take.id, row, name, freeSign(take.groups, count));
        announce(drawer.splitInto(group.name, name));
      },
    );
  };
  return (
    <>
      <div className={styles.title} data-wraps>
        <SignChoice row={row} />
        <h2>
          <InPlaceText
            value={group.name}
            label={drawer.nameOfGroup}
            onChange={(name) => renameGroup(store, take.id, row, name)}
          />
        </h2>
      </div>
      {insight && <FactList facts={insight.whyGroup(row)} about="group" />}
      <GroupNeeds row={row} />
      {bench.lineup.recipe.needs && <Ladder row={row} />}
      <GroupRoles group={group} />
      {insight && <GroupChart insight={insight} group={group} />}
      <Offers group={row} />
      <GroupCard group={group} />
      <div className={styles.doings}>
        <Button
          size="small"
          variant="paper"
          aria-pressed={group.locked}
          title={drawer.lockHint}
          onClick={() => {
            lockGroup(store, take.id, row, !group.locked);
            announce(drawer.lockedNow(group.name, !group.locked));
          }}
        >
          {group.locked ? drawer.unlock : drawer.lock}
        </Button>
        {group.students.length > 1 && (
          <Button size="small" variant="paper" onClick={split}>
            {drawer.split}
          </Button>
        )}
        <Button size="small" variant="paper" onClick={remove}>
          {drawer.remove}
        </Button>
      </div>
      <h3 className={styles.subtitle}>{drawer.mergeTitle}</h3>
      <div className={styles.doings}>
        {sheet.groups
          .filter(({ index }) => index !== row)
          .slice(0, MOST_TO_MERGE)
          .map(({ index, name, sign }) => (
            <Button
              key={index}
              size="small"
              variant="paper"
              aria-label={drawer.merge(group.name, name)}
              onClick={() => merge(index)}
            >
              <Sign index={sign} size={16} />
              {name}
            </Button>
          ))}
      </div>
      <p className={styles.hint}>{drawer.reshuffleThis}</p>
    </>
  );
}
