'use client';

import { sayShown } from '@/messages/shown';
import { useMemo, useRef } from 'react';
import type { PublicGroup } from '@/encode/publicLineup';
import { useRecord } from '@/store/react';
import { useNotedUse } from '../../frame/useNotedUse';
import { Sign } from '../../primitives/Sign';
import { useFill } from '../useFill';
import { usePaging } from '../usePaging';
import styles from './scenes.module.css';
import type { SceneProps } from './types';

/** A group of a jigsaw with, beside each name, where that student goes from here. */
interface Side {
  readonly group: Pick<PublicGroup, 'name' | 'sign'>;
  readonly members: readonly {
    readonly name: string;
    readonly to: Pick<PublicGroup, 'name' | 'sign'> | null;
  }[];
}

/** Home groups with the experts that each is sent to, or the expert groups with the homes they go back to. */
export function Jigsaw({ shown }: SceneProps) {
  const box = useRef<HTMLDivElement>(null);
  const list = useRef<HTMLUListElement>(null);
  usePaging(box);
  const { students, nameOf, groups, scene, experts, expertsId } = shown;
  const expertsLineup = useRecord('lineup', expertsId ?? '');
  // Whoever is sent there works there, and has met those who are there too.
  useNotedUse(scene.side === 'experts' ? expertsLineup : undefined);
  const sides = useMemo((): readonly Side[] => {
    const here = new Set(students.flatMap(({ id, here: is }) => (is ? [id] : [])));
    const [from, to] = scene.side === 'home' ? [groups, experts] : [experts, groups];
    return (from ?? []).map(({ name, sign, studentIds }) => ({
      group: { name, sign },
      members: studentIds
        .filter((id) => here.has(id))
        .map((id) => {
          const other = to?.find(({ studentIds: ids }) => ids.includes(id));
          return { name: nameOf(id), to: other ? { name: other.name, sign: other.sign } : null };
        }),
    }));
  }, [students, nameOf, groups, experts, scene.side]);
  useFill(box, list, sides);
  if (!experts) return <p className={styles.hint}>{sayShown.stage.noExperts}</p>;
  return (
    <div
      ref={box}
      className={styles.jigsaw}
      data-side={scene.side}
      tabIndex={0}
      role="region"
      aria-label={sayShown.stage.jigsaw}
    >
      <p className={styles.turn}>{sayShown.stage.sides[scene.side]}</p>
      <ul ref={list} className={styles.sideList}>
        {sides.map(({ group, members }, row) => (
          <li key={row} className={styles.side}>
            <h2>
              <Sign index={group.sign} size="1em" />
              {group.name}
            </h2>
            <ul>
              {members.map(({ name, to }, seat) => (
                <li key={seat}>
                  <bdi>{name}</bdi>
                  {to && (
                    <span className={styles.goesTo}>
                      <span aria-hidden="true">→</span>
                      <Sign index={to.sign} size="0.9em" />
                      {to.name}
                    </span>
                  )}
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </div>
  );
}
