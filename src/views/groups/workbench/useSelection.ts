'use client';

import { useCallback, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import type { Bench } from '@/encode/bench';
import type { StudentId } from '@/schema/ids';
import { sayGroups } from '@/messages/groups';
import { LEAD, type TakeRecord } from '@/schema/take';
import { setPinned } from '@/store/actions/lineups';
import { moveStudents, swapStudents } from '@/store/actions/takes';
import { useStore } from '@/store/react';
import { useNotices } from '../../primitives/notices';
import type { NameOf } from '../../frame/names';
import { ruleSentence } from '../../frame/ruleSources';
import { useStable } from '../../frame/useStable';
import { useTold } from '../../frame/useTold';
import type { Guard } from './useGuard';
import { sheetOf, type Sheet } from './useSheet';

/** Students, or groups by their rows; never both. */
export interface Selected {
  readonly students: readonly StudentId[];
  readonly groups: readonly number[];
}

const NOTHING: Selected = { students: [], groups: [] };

interface SelectionInput {
  readonly bench: Bench;
  readonly sheet: Sheet;
  readonly nameOf: NameOf;
  readonly guard: Guard;
}

/** Who or what is selected, and how students are moved; every move is spoken. */
export function useSelection({ bench, sheet, nameOf, guard }: SelectionInput) {
  const store = useStore();
  const { announce } = useNotices();
  const inform = useTold();
  const [chosen, setChosen] = useState<Selected>(NOTHING);
  /** Whether presses add to the selection: what Shift does, for who has no such key. */
  const [adding, setAdding] = useState(false);
  const { take } = bench;
  const selected = useMemo(() => stillThere(chosen, sheet), [chosen, sheet]);
  const following = useRef<readonly StudentId[]>([]);
  // Not beside flushSync below: a page that is not listening to its store yet draws the change after it.
  useLayoutEffect(() => {
    following.current.some(focusTile);
    following.current = [];
  }, [take]);

  const groupOf = useCallback(
    (id: StudentId): number | null =>
      sheet.groups.find((group) => group.students.some((student) => student.id === id))?.index ??
      null,
    [sheet],
  );

  /** Runs a change of the shown take with the focus kept on the tile it was on, and says what came of it. */
  const regroup = (concerned: readonly StudentId[], run: () => void, told: string): void => {
    if (!take) return;
    const focused = concerned.find(isFocused);
    // Of many rows the one they go to may not be drawn: then the focus stays where they were.
    const home = sheet.groups.find(({ students }) => students.some(({ id }) => id === focused));
    following.current = focused ? [focused, ...nearby(home, concerned)] : [];
    const before = partsHeld(take, concerned);
    // Drawn at once, so that the focus is on the tile again before the next key comes.
    flushSync(run);
    const taken = store.records.get('take', take.id);
    const kept = new Set(partsHeld(taken, concerned).map(({ role, sign }) => `${sign} ${role}`));
    const lost = before.filter(({ role, sign }) => !kept.has(`${sign} ${role}`));
    const after = sheetOf({ ...bench, take: taken });
    const broken = after.groups
      .flatMap((group) => group.broken)
      .filter(({ studentIds, source }) =>
        [...studentIds, ...(source.from === 'rule' ? source.rule.studentIds : [])].some((id) =>
          concerned.includes(id),
        ),
      )
      .map(({ source }) => ruleSentence(source, bench.theClass, nameOf));
    const said = [
      told,
      ...(broken.length > 0 ? [sayGroups.notKept([...new Set(broken)])] : []),
      ...lost.map(({ id, role, group }) =>
        sayGroups.partLost(nameOf(id), role === LEAD ? sayGroups.lead : role, group),
      ),
    ].join(' ');
    // A part that goes with a move is nothing to be seen on the tile that went.
    if (lost.length > 0) inform(said);
    else announce(said);
  };

  /** To the group of a row, or aside for null. */
  const move = useStable((ids: readonly StudentId[], target: number | null): void => {
    const moving = ids.filter((id) => groupOf(id) !== target);
    if (!take || moving.length === 0) return;
    const group = target === null ? null : (sheet.groups[target]?.name ?? '');
    const next = take.groups.map(({ studentIds }, row) => [
      ...studentIds.filter((id) => !moving.includes(id)),
      ...(row === target ? moving : []),
    ]);
    guard.ask(next, () =>
      regroup(
        moving,
        () => moveStudents(store, take.id, moving, target),
        sayGroups.moved(moving.map(nameOf), group),
      ),
    );
  });

  const swap = useStable((one: StudentId, two: StudentId): void => {
    if (!take || one === two || groupOf(one) === groupOf(two)) return;
    const other = (id: StudentId): StudentId => (id === one ? two : id === two ? one : id);
    guard.ask(
      take.groups.map(({ studentIds }) => studentIds.map(other)),
      () =>
        regroup(
          [one, two],
          () => swapStudents(store, take.id, one, two),
          sayGroups.swapped(nameOf(one), nameOf(two)),
        ),
    );
  });

  /** Has those stay where they are in a reshuffle, or lets it move them again; said either way. */
  const pin = useStable((ids: readonly StudentId[]): void => {
    const pinned = !ids.every((id) => sheet.pinned.has(id));
    setPinned(store, bench.lineup.id, ids, pinned);
    announce(sayGroups.pinnedNow(ids.map(nameOf), pinned));
  });

  const clear = useStable((): void => {
    setChosen(NOTHING);
    setAdding(false);
  });
  const toggle = useStable((id: StudentId, more: boolean): void =>
    setChosen({ students: toggled(selected.students, id, more || adding), groups: [] }),
  );
  const toggleGroup = useStable((row: number, more: boolean): void =>
    setChosen({ students: [], groups: toggled(selected.groups, row, more || adding) }),
  );
  const selectStudents = useStable((students: readonly StudentId[]): void =>
    setChosen({ students, groups: [] }),
  );
  return useMemo(
    () => ({
      ...selected,
      /** The one selected student, or null. */
      student: selected.students.length === 1 ? (selected.students[0] ?? null) : null,
      groupOf,
      move,
      swap,
      pin,
      clear,
      adding,
      setAdding,
      /** Selects a student alone, or with those selected already; a selected one no more. */
      toggle,
      toggleGroup,
      selectStudents,
    }),
    [selected, groupOf, move, swap, pin, clear, adding, toggle, toggleGroup, selectStudents],
  );
}

export type Selection = ReturnType<typeof useSelection>;

function toggled<T>(chosen: readonly T[], one: T, more: boolean): readonly T[] {
  if (chosen.includes(one)) return more ? chosen.filter((other) => other !== one) : [];
  return more ? [...chosen, one] : [one];
}

/** The parts that some students have in their groups: lead, or another role. */
function partsHeld(take: TakeRecord | undefined, ids: readonly StudentId[]) {
  return (take?.groups ?? []).flatMap(({ name, sign, roles }) =>
    Object.entries(roles).flatMap(([role, id]) =>
      ids.includes(id) ? [{ id, role, sign, group: name }] : [],
    ),
  );
}

/** What was selected and is still on the sheet. */
function stillThere({ students, groups }: Selected, sheet: Sheet): Selected {
  if (students.length + groups.length === 0) return NOTHING;
  const there = new Set<string>(
    [...sheet.groups.flatMap((group) => group.students), ...sheet.aside].map(({ id }) => id),
  );
  return {
    students: students.filter((id) => there.has(id)),
    groups: groups.filter((row) => row < sheet.groups.length),
  };
}

/** Who stays in a group. */
function nearby(home: Sheet['groups'][number] | undefined, leaving: readonly StudentId[]) {
  return home?.students.flatMap(({ id }) => (leaving.includes(id) ? [] : [id])) ?? [];
}

function isFocused(id: StudentId): boolean {
  const { activeElement } = document;
  return activeElement instanceof HTMLElement && activeElement.dataset.student === id;
}

/** A moved tile is a new element in another row: the focus follows it there. */
function focusTile(id: StudentId): boolean {
  const tile = document.querySelector<HTMLElement>(`[data-student="${CSS.escape(id)}"]`);
  tile?.focus();
  return tile !== null;
}
