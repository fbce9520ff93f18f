'use client';

import { useState } from 'react';
import { flushSync } from 'react-dom';
import type { StudentId } from '@/schema/ids';
import { say } from '@/messages';
import { moveStudents } from '@/store/actions/takes';
import { useStore } from '@/store/react';
import type { TakeRecord } from '@/schema/take';
import { useNotices } from '../primitives/notices';
import type { NameOf } from '../frame/names';
import { sheetOf, type Sheet } from './useSheet';
import type { RuleRecord } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { today } from '../frame/today';

interface SelectionInput {
  readonly take: TakeRecord | undefined;
  readonly sheet: Sheet;
  readonly students: readonly StudentRecord[];
  readonly rules: readonly RuleRecord[];
  readonly nameOf: NameOf;
}

/** Who is selected, and how the selected or any other student is moved; every move is spoken. */
export function useSelection({ take, sheet, students, rules, nameOf }: SelectionInput) {
  const store = useStore();
  const { announce } = useNotices();
  const [selected, setSelected] = useState<StudentId | null>(null);

  const groupOf = (id: StudentId): number | null =>
    sheet.groups.find((group) => group.students.some((student) => student.id === id))?.index ??
    null;

  /** To the group of a number from 0, or aside for null. */
  const move = (id: StudentId, target: number | null): void => {
    if (!take || groupOf(id) === target) return;
    const focused = isFocused(id);
    // Drawn at once, so that the focus is on the tile again before the next key comes.
    flushSync(() => moveStudents(store, take.id, [id], target));
    if (focused) focusTile(id);
    const moved = store.records.get('take', take.id);
    const after = sheetOf(moved, students, rules, today());
    const broken = after.groups.flatMap((group) => group.broken);
    const concerned = broken.filter(({ rule }) => rule.studentIds.includes(id));
    announce(
      say.groups.moved(
        nameOf(id),
        target === null ? null : (after.groups[target]?.name ?? ''),
        concerned.map(({ rule }) => say.rules.sentence(rule.kind, rule.studentIds.map(nameOf))),
      ),
    );
  };

  return {
    selected,
    groupOf,
    move,
    select: (id: StudentId | null) => setSelected(id),
    toggle: (id: StudentId) => setSelected((now) => (now === id ? null : id)),
  };
}

export type Selection = ReturnType<typeof useSelection>;

function isFocused(id: StudentId): boolean {
  const { activeElement } = document;
  return activeElement instanceof HTMLElement && activeElement.dataset.student === id;
}

/** A moved tile is a new element in another row: the focus follows it there. */
function focusTile(id: StudentId): void {
  document.querySelector<HTMLElement>(`[data-student="${CSS.escape(id)}"]`)?.focus();
}
