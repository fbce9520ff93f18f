import { filled, pageFor } from './pages';

const PAGES = [
  ...['/', '/c/_classId_/groups', '/c/_classId_/activities/_activityId_'],
  '/c/_classId_/activities/term',
];

test.each([
  ['/', '/', []],
  ['/c/cls_7aQ-x/groups', '/c/_classId_/groups', [['_classId_', 'cls_7aQ-x']]],
  ['/c/cls_1/groups/', '/c/_classId_/groups', [['_classId_', 'cls_1']]],
  ['/c/cls_1/activities/term', '/c/_classId_/activities/term', [['_classId_', 'cls_1']]],
  [
    '/c/cls_1/activities/act_2',
    '/c/_classId_/activities/_activityId_',
    [
      ['_classId_', 'cls_1'],
      ['_activityId_', 'act_2'],
    ],
  ],
])('the address %s is served by the kept page %s', (path, page, ids) => {
  expect(pageFor(path, PAGES)).toEqual({ page, ids: new Map(ids as [string, string][]) });
});

test.each([
  '/c/cls_1',
  '/c/cls_1/nowhere',
  '/c/%22%3E%3Cscript%3E/groups',
  '/c/a"b/groups',
  `/c/${'x'.repeat(81)}/groups`,
  '/seats/KQ7',
  '/standins',
])('no kept page serves %s', (path) => {
  expect(pageFor(path, PAGES)).toBeNull();
});

test('a page is filled with the ids asked for and a nonce that was never used', () => {
  const kept = '<script nonce="old">["_classId_"]</script><script nonce="old"></script>';
  expect(filled(kept, new Map([['_classId_', 'cls_1']]), { old: 'old', fresh: 'new' })).toBe(
    '<script nonce="new">["cls_1"]</script><script nonce="new"></script>',
  );
  expect(filled('_classId_', new Map(), { old: null, fresh: 'new' })).toBe('_classId_');
});
