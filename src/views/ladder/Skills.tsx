'use client';

import ArrowDownwardRounded from '@mui/icons-material/ArrowDownwardRounded';
import ArrowUpwardRounded from '@mui/icons-material/ArrowUpwardRounded';
import CloseRounded from '@mui/icons-material/CloseRounded';
import { useState } from 'react';
import * as z from 'zod/mini';
import type { Mastery } from '@/encode/mastery';
import { sayLadder } from '@/messages/ladder';
import { LadderSkill, type ClassRecord } from '@/schema/classRecord';
import type { Setting } from '@/schema/setting';
import { renameSkill, setLadder } from '@/store/actions/skills';
import { useStore } from '@/store/react';
import { download } from '../frame/download';
import { useSetting } from '../frame/useDraft';
import { useTold } from '../frame/useTold';
import { AddNamed } from '../primitives/AddNamed';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { FileButton } from '../primitives/FileButton';
import { IconPress } from '../primitives/IconPress';
import { InPlaceText } from '../primitives/InPlaceText';
import { Select } from '../primitives/Select';
import page from '../frame/SidePage.module.css';
import styles from './Ladder.module.css';

interface Kept {
  readonly name: string;
  readonly skills: readonly LadderSkill[];
}

/** Ladders that every class can take. */
const KEPT: Setting<readonly Kept[]> = {
  name: 'ladders',
  shape: z.array(z.object({ name: z.string(), skills: z.array(LadderSkill) })),
  usual: [],
};

/** Larger files are no list of skills. */
const MOST_BYTES = 2_000_000;

interface SkillsProps {
  readonly theClass: ClassRecord;
  readonly mastery: Mastery;
}

/** The ladder skill by skill: named, described, put in order, taken from a file or kept as one. */
export function Skills({ theClass, mastery }: SkillsProps) {
  const store = useStore();
  const told = useTold();
  const [kept, keep] = useSetting(KEPT, null);
  const [said, setSaid] = useState<readonly string[]>([]);
  const [many, setMany] = useState('');
  // Details that are skills, and what tests ask for, stand on the ladder even where it was never written down.
  const skills = mastery.ladder.map(
    ({ name }): LadderSkill =>
      theClass.skillLadder.find((one) => one.name.toLowerCase() === name.toLowerCase()) ?? {
        ...{ name, text: '' },
      },
  );
  const set = (next: readonly LadderSkill[]): void => setLadder(store, theClass.id, next);
  const move = (from: number, by: number): void => {
    const next = [...skills];
    const [moved] = next.splice(from, 1);
    if (moved) next.splice(from + by, 0, moved);
    set(next);
  };
  const isTaken = (name: string): boolean =>
    skills.some((one) => one.name.toLowerCase() === name.toLowerCase());
  /** A column of the roster stands on the ladder as long as it is there. */
  const isDetail = (name: string): boolean =>
    theClass.details.some(
      (one) => one.kind === 'skill' && one.name.toLowerCase() === name.toLowerCase(),
    );
  const rename = (from: string, to: string): void => {
    if (from.toLowerCase() !== to.toLowerCase() && isTaken(to)) setSaid([sayLadder.taken(to)]);
    else renameSkill(store, theClass.id, from, to);
  };
  const add = (name: string): void => {
    if (isTaken(name)) setSaid([sayLadder.taken(name)]);
    else set([...skills, { name, text: '' }]);
  };
  const read = async (text: string, file: string): Promise<void> => {
    const { readLadder } = await import('@/formats/ladder');
    const ladder = readLadder(text);
    if (!ladder.ok) {
      setSaid([sayLadder.unread(ladder.code, file)]);
      return;
    }
    set(ladder.skills);
    setMany('');
    setSaid(ladder.issues.map(sayLadder.issue));
    told(sayLadder.opened(ladder.skills.length));
  };
  const open = async (file: File): Promise<void> => {
    const text = file.size > MOST_BYTES ? '{' : await file.text();
    await read(text, file.name);
  };
  const save = async (kind: 'json' | 'csv'): Promise<void> => {
    const [{ ladderFile }, { safeName }] = await Promise.all([
      import('@/formats/ladder'),
      import('@/formats/out/fileNames'),
    ]);
    const { content, end, type } = await ladderFile(kind, theClass.name, skills);
    download(
      `${safeName(sayLadder.fileName(theClass.name), 'ladder')}.${end}`,
      new Blob([content as BlobPart]),
      type,
    );
  };
  const removed = (name: string): void => {
    set(skills.filter((one) => one.name !== name));
    told(sayLadder.removed(name));
  };
  return (
    <section className={page.part} aria-label={sayLadder.skills(skills.length)}>
      <h3 className={page.subtitle}>{sayLadder.skills(skills.length)}</h3>
      {said.length > 0 && (
        <ul role="alert" className={styles.issue}>
          {said.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      {skills.length === 0 ? (
        <>
          <Field label={sayLadder.addMany} hint={sayLadder.begin}>
            <textarea rows={8} value={many} onChange={({ target }) => setMany(target.value)} />
          </Field>
          <div>
            <Button
              variant="contained"
              disabled={many.trim() === ''}
              onClick={() => void read(many, sayLadder.title)}
            >
              {sayLadder.addSkill}
            </Button>
          </div>
        </>
      ) : (
        <ol className={styles.skills}>
          {skills.map(({ name, text }, place) => (
            <li key={name}>
              <span className={styles.grow}>
                <InPlaceText
                  value={name}
                  label={sayLadder.skillName}
                  onChange={(next) => rename(name, next)}
                />
                <small>
                  <InPlaceText
                    value={text}
                    label={sayLadder.skillText(name)}
                    placeholder={sayLadder.noText}
                    mayBeEmpty
                    onChange={(next) =>
                      set(skills.map((one) => (one.name === name ? { ...one, text: next } : one)))
                    }
                  />
                </small>
              </span>
              <IconPress
                label={sayLadder.up(name)}
                disabled={place === 0}
                onPress={() => move(place, -1)}
              >
                <ArrowUpwardRounded fontSize="small" />
              </IconPress>
              <IconPress
                label={sayLadder.down(name)}
                disabled={place === skills.length - 1}
                onPress={() => move(place, 1)}
              >
                <ArrowDownwardRounded fontSize="small" />
              </IconPress>
              <IconPress
                label={isDetail(name) ? sayLadder.isDetail(name) : sayLadder.remove(name)}
                disabled={isDetail(name)}
                onPress={() => removed(name)}
              >
                <CloseRounded fontSize="small" />
              </IconPress>
            </li>
          ))}
        </ol>
      )}
      <div className={page.doings}>
        {skills.length > 0 && (
          <AddNamed
            action={sayLadder.addSkill}
            label={sayLadder.skillName}
            className={page.field}
            onAdd={add}
          />
        )}
        <FileButton
          label={sayLadder.open}
          accept=".json,.csv,.tsv,.txt,text/*,application/json"
          onFile={(file) => void open(file)}
        />
        {kept.length > 0 && (
          <Select
            label={sayLadder.takeKept}
            value=""
            options={[
              { value: '', label: sayLadder.chooseKept },
              ...kept.map(({ name }) => ({ value: name, label: name })),
            ]}
            onChange={(name) => {
              const ladder = kept.find((one) => one.name === name);
              if (!ladder) return;
              set(ladder.skills);
              told(sayLadder.opened(ladder.skills.length));
            }}
          />
        )}
      </div>
      {skills.length > 0 && (
        <div className={page.doings}>
          <span>{sayLadder.save}</span>
          {(['json', 'csv'] as const).map((kind) => (
            <Button key={kind} size="small" variant="paper" onClick={() => void save(kind)}>
              {sayLadder.saveAs[kind]}
            </Button>
          ))}
          <AddNamed
            action={sayLadder.keepEverywhere}
            label={sayLadder.keptName}
            className={page.field}
            onAdd={(name) => {
              keep([...kept.filter((one) => one.name !== name), { name, skills }]);
              setSaid([sayLadder.kept(name)]);
            }}
          />
        </div>
      )}
      {kept.length > 0 && (
        <ul className={styles.kept}>
          {kept.map(({ name }) => (
            <li key={name}>
              {name}
              <IconPress
                label={sayLadder.forgetKept(name)}
                onPress={() => keep(kept.filter((one) => one.name !== name))}
              >
                <CloseRounded fontSize="small" />
              </IconPress>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
