import { serviceOrigins } from './contentPolicy';

test('the policy takes origins of the web out of the cookie, and nothing that could say more', () => {
  const origins = ['https://rooms.example.org', 'http://127.0.0.1:3900'];
  const others = [
    "'unsafe-inline'",
    'https://a.example/path',
    '*',
    'data:',
    'https://*.example',
    'x;script-src',
  ];
  expect(serviceOrigins([...origins, ...others].join(' '))).toEqual(origins);
  expect(serviceOrigins('')).toEqual([]);
});
