'use client';

import { lazily } from '../primitives/lazily';
import type { Bench } from '@/encode/bench';
import type { RuleSource } from '@/encode/request';
import { sayRules } from '@/messages/rules';
import type { ClassId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import { changeRecipe } from '@/store/actions/lineups';
import { classById, rulesOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useTold } from '../frame/useTold';
import { ClashPanel } from '../frame/ClashPanel';
import { useTileNames, type NameOf } from '../frame/names';
import { takeBack } from '../frame/ruleSources';
import { useBench } from '../frame/useBench';
import { useClassId } from '../frame/useClassId';
import { useRoll } from '../frame/students';
import { sizingWithSize } from '../frame/sizingWithSize';
import { useOpenLineup } from '../frame/useOpenLineup';
import { RuleItem } from './RuleItem';
import styles from './RulesView.module.css';
import { RuleEntry } from './RuleEntry';
import { useFeasibility } from './useFeasibility';

const PeopleMatrix = lazily(() => import('./PeopleMatrix').then((module) => module.PeopleMatrix));

/** The quiet rules: who is kept apart, who together, and whether all of it can hold. */
export function RulesView() {
  const classId = useClassId();
  const lineup = useOpenLineup();
  const students = useRoll(classId, lineup);
  const nameOf = useTileNames(students);
  return (
    <div className={styles.rules}>
      <section className={styles.write} aria-labelledby="rules-title">
        <h2 id="rules-title" className={styles.title}>
          {sayRules.title}
        </h2>
        <p className={styles.quiet}>{sayRules.quiet}</p>
        <RuleEntry
          classId={classId}
          students={students.filter(({ left }) => left === null)}
          nameOf={nameOf}
        />
        <RuleList classId={classId} nameOf={nameOf} />
      </section>
      <section className={styles.check} aria-label={sayRules.check}>
        {lineup && <Check lineup={lineup} nameOf={nameOf} />}
        <h3 className={styles.subtitle}>{sayRules.whereTitle}</h3>
        <ul className={styles.where}>
          {sayRules.where.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </section>
      {lineup && <Matrix lineup={lineup} nameOf={nameOf} />}
    </div>
  );
}

function RuleList({ classId, nameOf }: { readonly classId: ClassId; readonly nameOf: NameOf }) {
  const rules = useQuery(rulesOf, classId);
  if (rules.length === 0) return <p className={styles.none}>{sayRules.none}</p>;
  return (
    <ul className={styles.list}>
      {rules.map((rule) => (
        <RuleItem key={rule.id} rule={rule} nameOf={nameOf} />
      ))}
    </ul>
  );
}

interface OfLineup {
  readonly lineup: LineupRecord;
  readonly nameOf: NameOf;
}

function useBenchOf(lineup: LineupRecord): Bench {
  const students = useRoll(lineup.classId, lineup);
  const theClass = useQuery(classById, lineup.classId);
  if (!theClass) throw new Error(`expected the class ${lineup.classId}, received none`);
  return useBench(lineup, theClass, students);
}

/** Whether the rules can all hold with the open lineup's recipe; where they cannot, the ways out. */
function Check({ lineup, nameOf }: OfLineup) {
  const store = useStore();
  const told = useTold();
  const bench = useBenchOf(lineup);
  const check = useFeasibility(bench);
  if (check.state === 'holds' && bench.rules.length > 0) {
    return (
      <p className={styles.holds}>{sayRules.allCanHold(bench.rules.length, check.groupCount)}</p>
    );
  }
  if (check.state !== 'clash') return null;
  const drop = (source: RuleSource): void => {
    takeBack(store, bench, source);
    told(sayRules.removed);
  };
  return (
    <ClashPanel
      result={check.result}
      sources={check.sources}
      theClass={bench.theClass}
      nameOf={nameOf}
      ways={{
        onDrop: drop,
        onGroups: (count) => changeRecipe(store, lineup.id, { sizing: { by: 'count', count } }),
        onRange: (least, most) =>
          changeRecipe(store, lineup.id, { sizing: { by: 'range', least, most } }),
        onSize: (size) => changeRecipe(store, lineup.id, { sizing: sizingWithSize(lineup, size) }),
      }}
    />
  );
}

function Matrix({ lineup, nameOf }: OfLineup) {
  const bench = useBenchOf(lineup);
  return <PeopleMatrix bench={bench} nameOf={nameOf} />;
}
