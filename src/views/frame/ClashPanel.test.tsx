/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react';
import { arrangeNow } from '@/core/arrange';
import { requestFor } from '@/encode/request';
import { testBench } from '@/encode/testBench';
import { sayClash } from '@/messages/clash';
import { ClassId, newId, RuleId, StudentId } from '@/schema/ids';
import type { RuleRecord } from '@/schema/rule';
import { newStudent } from '@/schema/student';
import { ClashPanel } from './ClashPanel';

/** So many students in two groups, each to be kept apart from the next one around a ring: of an odd ring no two groups do. */
function showRing(n: number): void {
  const classId = newId(ClassId, 'c');
  const students = Array.from({ length: n }, (_, i) => ({
    ...newStudent(newId(StudentId, 's'), classId, i, { name: `Diver ${i + 1}`, email: '' }),
    here: true,
  }));
  const rules = students.map(({ id }, i): RuleRecord => ({
    ...{ record: 'rule', id: newId(RuleId, 'r'), classId, kind: 'apart', reason: '' },
    ...{ until: null, order: i, studentIds: [id, students[(i + 1) % n]!.id] },
  }));
  const recipe = { sizing: { by: 'count', count: 2 } as const };
  const bench = testBench({ students, theClass: { id: classId }, recipe, bench: { rules } });
  const { request, sources } = requestFor(bench, 1);
  const outcome = arrangeNow(request);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  const nothing = (): void => undefined;
  render(
    <ClashPanel
      result={outcome.result}
      sources={sources}
      theClass={bench.theClass}
      nameOf={(id) => students.find((one) => one.id === id)?.name ?? '?'}
      ways={{ onDrop: nothing, onGroups: nothing, onSize: nothing, onRange: nothing }}
    />,
  );
}

const isFolded = (element: HTMLElement): boolean => element.closest('details') !== null;

test('of a clash of a few rules every rule and way out is in view', () => {
  showRing(3);
  expect(screen.getAllByRole('listitem')).toHaveLength(3);
  expect(document.querySelector('details')).toBeNull();
});

test('of a clash of many rules the first are in view with the other sizes, and nothing is left out', () => {
  showRing(11);
  const rules = within(screen.getByRole('list', { name: sayClash.rulesConcerned }));
  expect(rules.getAllByRole('listitem')).toHaveLength(8);
  expect(document.querySelectorAll('li')).toHaveLength(11);
  expect(screen.getByText(sayClash.moreRules(3))).toBeTruthy();
  const buttons = screen.getAllByRole('button', { hidden: true });
  const inView = buttons.filter((button) => !isFolded(button));
  expect(inView[0]?.textContent).toBe(sayClash.makeGroups(3));
  expect(inView).toHaveLength(3);
  expect(buttons).toHaveLength(12);
  expect(screen.getByText(sayClash.moreWays(9))).toBeTruthy();
});
