'use client';

import { Button } from '../primitives/Button';
import { useState } from 'react';
import { sayShelf } from '@/messages/shelf';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import { poolClasses, pooledFrom, type PoolPart } from '@/store/actions/classes';
import { detailClashes, type DetailClash, type Joining } from '@/store/actions/pooling';
import { useStore } from '@/store/react';
import { asKind } from '../frame/asKind';
import { freshLineupName } from '../frame/lineupNames';
import { useRoute } from '../primitives/route';
import { Choice } from '../primitives/Choice';
import { Flag } from '../primitives/Flag';
import styles from './PoolClasses.module.css';

interface PoolClassesProps {
  readonly classes: readonly ClassRecord[];
  readonly onDone: () => void;
}

/** Several classes, or sections of them, brought together in one for grouping across them. */
export function PoolClasses({ classes, onDone }: PoolClassesProps) {
  const store = useStore();
  const { go } = useRoute();
  const [chosen, setChosen] = useState<ReadonlyMap<string, PoolPart>>(new Map());
  const [name, setName] = useState('');
  const [lasting, setLasting] = useState<'temporary' | 'kept'>('temporary');
  const parts = [...chosen.values()];
  const names = classes.filter(({ id }) => chosen.has(id)).map((one) => one.name);
  const pooled = pooledFrom(store.records, parts);
  const count = pooled.reduce((total, { students }) => total + students.length, 0);
  const clashes = detailClashes(pooled, asKind);
  const [joinings, setJoinings] = useState<ReadonlyMap<string, Joining>>(new Map());
  const choose = (theClass: ClassRecord, sections: PoolPart['sections'] | null): void => {
    const next = new Map(chosen);
    if (sections === null || sections.length === 0) next.delete(theClass.id);
    else next.set(theClass.id, { classId: theClass.id, sections });
    setChosen(next);
  };
  const pool = (): void => {
    const words = {
      name: name.trim() === '' ? sayShelf.pooledName(names) : name.trim(),
      lineupName: freshLineupName([]),
      homeClass: sayShelf.homeClass,
      homeTeacher: sayShelf.homeTeacher,
    };
    const id = poolClasses(store, parts, words, lasting === 'temporary', joinings, asKind);
    onDone();
    go(`/c/${id}/roster`);
  };
  return (
    <section className={styles.pool} aria-label={sayShelf.pool}>
      <p className={styles.hint}>{sayShelf.poolHint}</p>
      <ul className={styles.classes}>
        {classes.map((theClass) => (
          <li key={theClass.id}>
            <label className={styles.check}>
              <input
                type="checkbox"
                checked={chosen.has(theClass.id)}
                onChange={(event) => choose(theClass, event.target.checked ? 'all' : null)}
              />
              {theClass.name}
            </label>
            {theClass.sections.length > 0 && chosen.has(theClass.id) && (
              <SectionChoice
                theClass={theClass}
                chosen={chosen.get(theClass.id)?.sections ?? 'all'}
                onChoose={(sections) => choose(theClass, sections)}
              />
            )}
          </li>
        ))}
      </ul>
      {clashes.map((clash) => (
        <Clash
          key={clash.name}
          clash={clash}
          joining={joinings.get(clash.name)}
          onJoin={(joining) => setJoinings(new Map(joinings).set(clash.name, joining))}
        />
      ))}
      <div className={styles.foot}>
        <input
          className={styles.field}
          value={name}
          maxLength={120}
          aria-label={sayShelf.poolName}
          placeholder={names.length > 1 ? sayShelf.pooledName(names) : sayShelf.poolName}
          onChange={(event) => setName(event.target.value)}
        />
        <Choice
          legend={sayShelf.lastingLegend}
          value={lasting}
          options={[
            { value: 'temporary', label: sayShelf.temporary },
            { value: 'kept', label: sayShelf.kept },
          ]}
          onChange={setLasting}
        />
        <Button variant="contained" disabled={count === 0} onClick={pool}>
          {sayShelf.poolThem(count)}
        </Button>
      </div>
    </section>
  );
}

interface ClashProps {
  readonly clash: DetailClash;
  readonly joining: Joining | undefined;
  readonly onJoin: (joining: Joining) => void;
}

/** A detail that is one thing in one class and another in the next: what it is to be in the pool. */
function Clash({ clash, joining, onJoin }: ClashProps) {
  const { name, kinds, joinings } = clash;
  const { kind } = sayRoster.roster;
  const told = kinds.map((one) => sayShelf.kindIn(kind[one.kind], one.className));
  const value = joinings.find((one) => one === joining) ?? joinings[0] ?? 'apart';
  return (
    <div>
      <p>{sayShelf.kindsDiffer(name, told)}</p>
      <Choice
        legend={sayShelf.joinLegend(name)}
        value={value}
        options={joinings.map((one) => ({
          value: one,
          label: one === 'apart' ? sayShelf.keepApart : kind[one],
        }))}
        onChange={onJoin}
      />
    </div>
  );
}

interface SectionChoiceProps {
  readonly theClass: ClassRecord;
  readonly chosen: PoolPart['sections'];
  readonly onChoose: (sections: PoolPart['sections']) => void;
}

function SectionChoice({ theClass, chosen, onChoose }: SectionChoiceProps) {
  const all = [...theClass.sections.map(({ id }) => id), null];
  const held = chosen === 'all' ? all : chosen;
  return (
    <span className={styles.sections}>
      {[...theClass.sections, null].map((section) => {
        const id = section?.id ?? null;
        return (
          <label key={id} className={styles.check}>
            <input
              type="checkbox"
              checked={held.includes(id)}
              onChange={(event) =>
                onChoose(event.target.checked ? [...held, id] : held.filter((one) => one !== id))
              }
            />
            {section && <Flag index={section.sign} />}
            {section?.name ?? sayRoster.roster.noSection}
          </label>
        );
      })}
    </span>
  );
}
