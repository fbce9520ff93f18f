'use client';

import { sayRoster } from '@/messages/roster';
import type { ClassRecord, Detail } from '@/schema/classRecord';
import { editDetail, removeDetail } from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { useTold } from '../frame/useTold';
import { asKind } from '../frame/asKind';
import { Button } from '../primitives/Button';
import { InPlaceText } from '../primitives/InPlaceText';
import { Select } from '../primitives/Select';
import styles from './RosterPanel.module.css';
import { spreadOf } from './spread';

const KINDS: readonly Detail['kind'][] = ['number', 'level', 'category', 'yesNo', 'skill'];

interface DetailEditorProps {
  readonly theClass: ClassRecord;
  readonly detail: Detail;
}

/** Name, kind and order of levels of a detail; or away with it. */
export function DetailEditor({ theClass, detail }: DetailEditorProps) {
  const store = useStore();
  const told = useTold();
  const students = store.records.all('student').filter(({ classId }) => classId === theClass.id);
  const setKind = (kind: Detail['kind']): void => {
    const levels = kind === 'level' ? spreadOf({ ...detail, kind: 'category' }, students).bars : [];
    editDetail(
      store,
      theClass.id,
      detail.id,
      { kind, levels: levels.map(({ label }) => label) },
      (value) => asKind(value, kind),
    );
  };
  const moveLevel = (place: number, step: -1 | 1): void => {
    const levels = [...detail.levels];
    const [level = ''] = levels.splice(place, 1);
    levels.splice(place + step, 0, level);
    editDetail(store, theClass.id, detail.id, { levels });
  };
  return (
    <div className={styles.editor}>
      <InPlaceText
        value={detail.name}
        label={sayRoster.roster.detailName}
        onChange={(name) => editDetail(store, theClass.id, detail.id, { name })}
      />
      <Select
        label={sayRoster.roster.kindLabel}
        value={detail.kind}
        options={KINDS.map((value) => ({ value, label: sayRoster.roster.kind[value] }))}
        onChange={setKind}
      />
      {detail.kind === 'level' && (
        <ol className={styles.levels} aria-label={sayRoster.roster.levelsLabel}>
          {detail.levels.map((level, place) => (
            <li key={level} className={styles.line}>
              <span className={styles.grow}>{level}</span>
              <Button
                size="small"
                disabled={place === 0}
                aria-label={sayRoster.roster.levelUp(level)}
                onClick={() => moveLevel(place, -1)}
              >
                {'↑'}
              </Button>
              <Button
                size="small"
                disabled={place === detail.levels.length - 1}
                aria-label={sayRoster.roster.levelDown(level)}
                onClick={() => moveLevel(place, 1)}
              >
                {'↓'}
              </Button>
            </li>
          ))}
        </ol>
      )}
      <Button
        size="small"
        variant="paper"
        onClick={() => {
          removeDetail(store, theClass.id, detail.id);
          told(sayRoster.roster.detailRemoved(detail.name));
        }}
      >
        {sayRoster.roster.removeDetail}
      </Button>
    </div>
  );
}
