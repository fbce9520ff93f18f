/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { student, take as takeOf, testBench } from '@/encode/testBench';
import { LEAD } from '@/schema/take';
import { NAMES_SHOWN } from '@/schema/shownNames';
import { choose } from '@/store/actions/drafts';
import { renameClass } from '@/store/actions/renameClass';
import { renameLineup } from '@/store/actions/lineups';
import { giveRole, moveStudents } from '@/store/actions/takes';
import { changePlan, conduct, keepExperts, showLineup } from '@/store/actions/stage';
import { editStudent, setTakesPart } from '@/store/actions/students';
import { StoreProvider } from '@/store/react';
import { storeWith } from '@/store/testStore';
import { NAMES as NAMES_HIDDEN } from './masking';
import { nextStep } from './nextStep';
import { today } from './today';
import { useConductor } from './useConductor';
import { useShown } from './useShown';

const NAMES = ['Ana', 'Bo', 'Caro', 'Dov'];
const { theClass, lineup } = testBench({ students: [] });
const take = takeOf(['Ana Bo', 'Caro Dov']);
const [ana, bo] = take.groups[0]!.studentIds;

jest.mock('./useClassId', () => ({ useClassId: () => 'c_crew' }));

/** What a stage shows of a lineup of four in two groups, and what leads it. */
function stage() {
  const store = storeWith([
    theClass,
    { ...lineup, takeId: take.id },
    take,
    ...NAMES.map((name, order) => student(name, order)),
  ]);
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <StoreProvider value={store}>{children}</StoreProvider>
  );
  const { result } = renderHook(
    () => {
      const shown = useShown(theClass.id);
      return { shown, conductor: useConductor(theClass.id, shown) };
    },
    { wrapper },
  );
  const names = () =>
    result.current.shown.people.groups.map(({ members }) => members.map(({ name }) => name).join());
  return { store, result, names };
}

test('held, the stage shows what was shown, and says that there is something newer', () => {
  const { store, result, names } = stage();
  act(() => showLineup(store, lineup.id, today()));
  expect(result.current.shown.waiting).toBeNull();
  act(() => moveStudents(store, take.id, [ana!], 1));
  act(() =>
    changePlan(store, lineup.id, () => ({ instructions: 'Nets.', places: { '0': 'Ford' } })),
  );
  expect(names()).toEqual(['Ana,Bo', 'Caro,Dov']);
  expect(result.current.shown.plan.instructions).toBe('');
  expect(result.current.shown.people.groups[0]?.place).toBe('');
  expect(result.current.shown.waiting).toBe(lineup.id);
  act(() => result.current.conductor.showNow());
  expect(names()).toEqual(['Bo', 'Caro,Dov,Ana']);
  expect(result.current.shown.plan.instructions).toBe('Nets.');
  expect(result.current.shown.people.groups[0]?.place).toBe('Ford');
  expect(result.current.shown.waiting).toBeNull();
});

test('held, everybody and everything is called as it was when it was shown, until it is shown anew', () => {
  const { store, result, names } = stage();
  act(() => showLineup(store, lineup.id, today()));
  act(() => {
    editStudent(store, ana!, { name: 'Anabel Reis', givenName: 'Anabel', familyName: 'Reis' });
    renameLineup(store, lineup.id, 'Without the boys of 7B');
    renameClass(store, theClass.id, 'Slow crew');
  });
  expect(names()).toEqual(['Ana,Bo', 'Caro,Dov']);
  expect(result.current.shown).toMatchObject({ title: lineup.name, className: theClass.name });
  expect(result.current.shown.waiting).toBe(lineup.id);
  act(() => result.current.conductor.showNow());
  expect(names()).toEqual(['Anabel,Bo', 'Caro,Dov']);
  act(() => choose(store, NAMES_SHOWN, theClass.id, 'whole'));
  expect(names()).toEqual(['Anabel,Bo', 'Caro,Dov']);
  act(() => result.current.conductor.showNow());
  expect(names()).toEqual(['Anabel Reis,Bo', 'Caro,Dov']);
  expect(result.current.shown).toMatchObject({
    ...{ title: 'Without the boys of 7B', className: 'Slow crew' },
  });
});

test('names that are masked are masked on a stage that holds too', () => {
  const { store, names } = stage();
  act(() => showLineup(store, lineup.id, today()));
  act(() => choose(store, NAMES_HIDDEN, null, 'aliases'));
  expect(names().join()).not.toMatch(/Ana|Bo|Caro|Dov/);
});

test('instructions alone are something newer too', () => {
  const { store, result } = stage();
  act(() => showLineup(store, lineup.id, today()));
  act(() => changePlan(store, lineup.id, () => ({ instructions: 'Nets.' })));
  expect(result.current.shown.waiting).toBe(lineup.id);
});

test('following, it shows every change at once, and holds from there when it is told to', () => {
  const { store, result, names } = stage();
  act(() => result.current.conductor.toggleFollow());
  act(() => moveStudents(store, take.id, [bo!], 1));
  expect(names()).toEqual(['Ana', 'Caro,Dov,Bo']);
  act(() => result.current.conductor.toggleFollow());
  act(() => moveStudents(store, take.id, [bo!], 0));
  expect(names()).toEqual(['Ana', 'Caro,Dov,Bo']);
});

test('what was shown another day is not held today', () => {
  const { store, names } = stage();
  act(() => showLineup(store, lineup.id, '2020-01-01'));
  act(() => moveStudents(store, take.id, [ana!], 1));
  expect(names()).toEqual(['Bo', 'Caro,Dov,Ana']);
});

test('whoever is away goes off a stage that holds; a lead given since is not told yet', () => {
  const { store, result, names } = stage();
  act(() => showLineup(store, lineup.id, today()));
  act(() => setTakesPart(store, [ana!], false, today()));
  act(() => giveRole(store, take.id, LEAD, new Map([[0, bo!]])));
  expect(names()).toEqual(['Bo', 'Caro,Dov']);
  expect(result.current.shown.people.groups[0]?.members[0]?.roles).toEqual([]);
});

test('the next step is what the scene has to go on with, and a reveal waits while another scene is shown', () => {
  const { store, result } = stage();
  act(() => keepExperts(store, lineup.id, 'Experts', 1, take.groups));
  act(() => showLineup(store, lineup.id, today()));
  expect(nextStep(result.current.shown)).toBeNull();
  act(() => result.current.conductor.revealBy('group'));
  expect(nextStep(result.current.shown)).toBe('Next');
  act(() => conduct(store, theClass.id, () => ({ show: 'jigsaw' })));
  expect(nextStep(result.current.shown)).toBe('Send to the experts');
  act(() => result.current.conductor.next());
  expect(result.current.shown.scene).toMatchObject({ side: 'experts', reveal: { shown: 0 } });
});
