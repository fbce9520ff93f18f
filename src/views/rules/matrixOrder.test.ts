import { emptyClass } from '@/schema/classRecord';
import { ClassId } from '@/schema/ids';
import { student, take, section } from '@/encode/testBench';
import { inMatrixOrder, type MatrixOrder } from './matrixOrder';

const [north, south] = ['north', 'south'];
const theClass = {
  ...emptyClass(ClassId.parse('c'), 'Crew', '2026-10-15T09:00:00.000Z'),
  sections: [section(south, 'South bank', 0), section(north, 'North bank', 1)],
};
const students = [
  student('Ēriks', 0, { sectionId: north }),
  student('Ana', 1),
  student('Zoe', 2, { sectionId: south }),
  student('Bo', 3, { sectionId: north }),
];
const ordered = (order: MatrixOrder, shown = take(['Zoe Bo', 'Ēriks'])): string[] =>
  inMatrixOrder(students, order, theClass, shown).map(({ name }) => name);

test('the matrix stands in the order of the list, of names, of sections or of groups, the others last', () => {
  expect(ordered('list')).toEqual(['Ēriks', 'Ana', 'Zoe', 'Bo']);
  expect(ordered('name')).toEqual(['Ana', 'Bo', 'Ēriks', 'Zoe']);
  expect(ordered('section')).toEqual(['Zoe', 'Bo', 'Ēriks', 'Ana']);
  expect(ordered('group')).toEqual(['Bo', 'Zoe', 'Ēriks', 'Ana']);
});
