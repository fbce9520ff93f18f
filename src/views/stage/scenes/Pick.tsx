'use client';

import { useQuery, useRecord } from '@/store/react';
import { sayOut } from '@/messages/out';
import { sayShown } from '@/messages/shown';
import { Button } from '../../primitives/Button';
import { Sign } from '../../primitives/Sign';
import { KeyOf } from '../../frame/KeyOf';
import { useDrawing } from '../useDrawing';
import { drawsOf } from '@/store/queries';
import styles from './scenes.module.css';
import type { SceneProps } from './types';

/** By lot: a student, a group, or one of each group, large; nobody twice before all have come. */
export function Pick({ classId, shown }: SceneProps) {
  const drawing = useDrawing(classId, shown);
  const draws = useQuery(drawsOf, classId);
  const draw = useRecord('draw', shown.scene.drawId ?? '');
  const groupOf = (id: string) =>
    shown.groups?.find(({ studentIds }) => studentIds.some((one) => one === id));
  const group = draw?.group && shown.groups?.find(({ sign }) => sign === draw.group?.sign);
  return (
    <div className={styles.pick}>
      <div
        className={styles.drawn}
        key={draw?.id ?? 'none'}
        data-many={draw?.of === 'each' || undefined}
      >
        {!draw && <p className={styles.hint}>{sayShown.stage.pick.none}</p>}
        {group && (
          <p className={styles.drawnName}>
            <Sign index={group.sign} size="1em" />
            {group.name}
          </p>
        )}
        {draw?.students.map(({ id }) => {
          const own = groupOf(id);
          return (
            <p key={id} className={styles.drawnName}>
              {draw.of === 'each' && own && <Sign index={own.sign} size="0.9em" />}
              <bdi>{shown.nameOf(id)}</bdi>
              {draw.of === 'student' && own && (
                <span className={styles.drawnGroup}>
                  <Sign index={own.sign} size="1em" />
                  {own.name}
                </span>
              )}
            </p>
          );
        })}
      </div>
      <div className={styles.drawing}>
        <Button variant="apricot" size="large" onClick={() => drawing.draw('student')}>
          {sayOut.stage.pick.student}
          <KeyOf name="draw" />
        </Button>
        {shown.groups && (
          <>
            <Button variant="paper" size="large" onClick={() => drawing.draw('group')}>
              {sayOut.stage.pick.group}
            </Button>
            <Button variant="paper" size="large" onClick={() => drawing.draw('each')}>
              {sayOut.stage.pick.each}
            </Button>
          </>
        )}
        <Button
          variant="plain"
          size="large"
          disabled={draws.length === 0}
          onClick={drawing.takeBack}
        >
          {sayOut.stage.pick.back}
          <KeyOf name="undraw" />
        </Button>
        <Button
          variant="plain"
          size="large"
          onClick={() => drawing.setOrder(drawing.order === 'round' ? 'least' : 'round')}
        >
          {sayOut.stage.pick[drawing.order]}
        </Button>
        <p className={styles.left}>{sayShown.stage.pick.left(drawing.left, drawing.of)}</p>
      </div>
    </div>
  );
}
