'use client';

import { Link } from '../../primitives/Link';
import { sayBench } from '@/messages/bench';
import type { LineupId } from '@/schema/ids';
import type { Who } from '@/schema/recipe';
import { lineupsOf, shownTake } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { CheckList } from '../../primitives/CheckList';
import { Choice } from '../../primitives/Choice';
import { Select } from '../../primitives/Select';
import { valueName } from '../../frame/detailWords';
import type { EditorProps } from './editor';
import styles from './RecipeEditor.module.css';
import { valuesOf } from './values';
import { useWorkbench } from '../workbench/Workbench';

/** Who is dealt into groups: all who are here, or some of them. */
export function WhoEditor({ dealtCount, change }: EditorProps) {
  const bench = useWorkbench('bench');
  const { theClass, lineup } = bench;
  const { editors } = sayBench;
  const { who } = lineup.recipe;
  const others = useQuery(lineupsOf, theClass.id).filter(({ id }) => bench.others[id]);
  const [firstDetail] = theClass.details;
  const start = (of: Who['of']): Who | null => {
    switch (of) {
      case 'all':
      case 'unplaced':
        return { of };
      case 'sections':
        return { of, sectionIds: theClass.sections.slice(0, 1).map(({ id }) => id) };
      case 'groups': {
        const last = others.at(-1);
        return last ? { of, lineupId: last.id, groups: [0] } : null;
      }
      case 'values':
        return firstDetail ? { of, detail: firstDetail.id, values: [] } : null;
      default:
        return of satisfies never;
    }
  };
  const may: Readonly<Record<Who['of'], boolean>> = {
    all: true,
    sections: theClass.sections.length > 1,
    unplaced: others.length > 0,
    groups: others.length > 0,
    values: theClass.details.length > 0,
  };
  const put = (next: Who | null): void => {
    if (next) change({ who: next });
  };
  return (
    <>
      <Choice
        legend={editors.who}
        value={who.of}
        options={(['all', 'sections', 'unplaced', 'groups', 'values'] as const)
          .filter((value) => may[value] || value === who.of)
          .map((value) => ({ value, label: editors.whoOptions[value] }))}
        onChange={(of) => put(start(of))}
      />
      {who.of === 'sections' && (
        <CheckList
          legend={editors.sectionsLegend}
          options={theClass.sections.map(({ id, name }) => ({ value: id, label: name }))}
          chosen={who.sectionIds}
          onChange={(ids) => put({ of: 'sections', sectionIds: [...ids] })}
        />
      )}
      {who.of === 'groups' && <GroupsOf who={who} others={others} onChange={put} />}
      {who.of === 'values' && (
        <>
          <Choice
            legend={editors.detailLegend}
            value={who.detail}
            options={theClass.details.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={(detail) => put({ of: 'values', detail, values: [] })}
          />
          <CheckList
            legend={editors.valuesLegend}
            options={valuesOf(bench, who.detail).map(([value]) => ({
              value,
              label: valueName(theClass, who.detail, value),
            }))}
            chosen={who.values}
            onChange={(values) => put({ ...who, values: [...values] })}
          />
        </>
      )}
      {dealtCount === 0 && <p className={styles.warn}>{editors.nobodyLeft}</p>}
      <p>
        <Link className={styles.link} href={`/c/${theClass.id}/roster`}>
          {editors.toRoll}
        </Link>
      </p>
    </>
  );
}

interface GroupsOfProps {
  readonly who: Who & { of: 'groups' };
  readonly others: readonly { readonly id: LineupId; readonly name: string }[];
  readonly onChange: (who: Who) => void;
}

function GroupsOf({ who, others, onChange }: GroupsOfProps) {
  const store = useStore();
  const { editors } = sayBench;
  const groups = shownTake(store.records, who.lineupId)?.groups ?? [];
  return (
    <>
      <Select
        label={editors.lineupLegend}
        value={who.lineupId}
        options={others.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(lineupId) => onChange({ ...who, lineupId, groups: [] })}
      />
      <CheckList
        legend={editors.groupsLegend}
        options={groups.map(({ name }, row) => ({ value: String(row), label: name }))}
        chosen={who.groups.map(String)}
        onChange={(rows) => onChange({ ...who, groups: rows.map(Number).sort((a, b) => a - b) })}
      />
    </>
  );
}
