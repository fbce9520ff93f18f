import { paramsIn } from './paramsIn';

test.each([
  ['/c/:classId/stage', '/c/c_1/stage', { classId: 'c_1' }],
  ['/c/:classId/stage', '/c/c_1/stage/', { classId: 'c_1' }],
  ['/seats/:code', '/seats/k7', { code: 'k7' }],
  // As it stands in the address: whoever reads it decodes it.
  ['/seats/:code', '/seats/a%2Fb', { code: 'a%2Fb' }],
  ['/seats/:code', '/c/c_1/stage', {}],
  ['/c/:classId/stage', '/c/c_1/groups', {}],
  ['/c/:classId/stage', '/c/c_1', {}],
])('%s at %s names %j', (address, path, named) => {
  expect(paramsIn(address, path)).toEqual(named);
});
