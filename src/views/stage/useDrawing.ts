'use client';

import * as z from 'zod/mini';
import { drawOne, stillToDraw, type DrawOrder } from '@/encode/drawing';
import type { DrawRecord } from '@/schema/draw';
import type { ClassId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import { keepDraw, takeBackDraw } from '@/store/actions/stage';
import { drawsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useRoll } from '../frame/students';
import { useSetting } from '../frame/useDraft';
import type { Shown } from '../frame/useShown';
import { newSeed } from '../frame/newSeed';

const DRAW_ORDER: Setting<DrawOrder> = {
  name: 'drawOrder',
  shape: z.enum(['round', 'least']),
  usual: 'round',
};

/** Drawing by lot before the class: what has been drawn on any day counts, and absent students never come. */
export function useDrawing(classId: ClassId, { groups = [], lineup }: Shown) {
  const store = useStore();
  const [order, setOrder] = useSetting(DRAW_ORDER, classId);
  const draws = useQuery(drawsOf, classId);
  const here = useRoll(classId, lineup).flatMap(({ id, here: is }) => (is ? [id] : []));
  const past = draws.flatMap(({ students }) =>
    students.map(({ id, round }) => ({ drawn: id, round })),
  );

  const draw = (of: DrawRecord['of']): void => {
    const seed = newSeed();
    if (of === 'group') {
      const signs = groups.flatMap(({ sign, studentIds }) =>
        studentIds.some((id) => here.includes(id)) ? [sign] : [],
      );
      const before = draws.flatMap(({ group }) =>
        group && group.lineupId === lineup?.id ? [{ drawn: group.sign, round: group.round }] : [],
      );
      const one = drawOne(signs, before, order, seed);
      if (!one || !lineup) return;
      const group = { lineupId: lineup.id, sign: one.drawn, round: one.round };
      keepDraw(store, classId, { of, students: [], group });
      return;
    }
    const pools =
      of === 'student'
        ? [here]
        : groups.map(({ studentIds }) => studentIds.filter((id) => here.includes(id)));
    const students = pools.flatMap((pool, row) => {
      const one = drawOne(pool, past, order, seed + row);
      return one ? [{ id: one.drawn, round: one.round }] : [];
    });
    if (students.length > 0) keepDraw(store, classId, { of, students, group: null });
  };

  return {
    draw,
    takeBack: (): void => takeBackDraw(store, classId, draws),
    order,
    setOrder,
    /** How many of those who are here are still to come. */
    left: stillToDraw(here, past, order).pool.length,
    of: here.length,
  };
}
