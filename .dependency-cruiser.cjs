/** The import arrows of docs/architecture.md. A broken arrow fails `npm test`. */
const within = (...folders) => `^src/(${folders.join('|')})/`;

const onlyFrom = (name, folder, allowed) => ({
  name,
  severity: 'error',
  from: { path: within(folder), pathNot: '\\.test\\.tsx?$' },
  to: { path: '^src/', pathNot: within(folder, ...allowed) },
});

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    onlyFrom('core-imports-only-itself', 'core', []),
    {
      name: 'core-uses-no-package',
      severity: 'error',
      from: { path: within('core'), pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'] },
    },
    onlyFrom('schema-arrows', 'schema', ['core']),
    onlyFrom('formats-arrows', 'formats', []),
    onlyFrom('encode-arrows', 'encode', ['core', 'schema']),
    onlyFrom('messages-arrows', 'messages', ['core', 'schema', 'formats', 'services']),
    onlyFrom('services-arrows', 'services', ['formats']),
    onlyFrom('standins-arrows', 'standins', ['core', 'services']),
    onlyFrom('worker-arrows', 'worker', ['core', 'formats', 'messages']),
    onlyFrom('store-arrows', 'store', ['schema']),
    onlyFrom('serving-arrows', 'serving', []),
    onlyFrom('views-arrows', 'views', [
      'schema',
      'formats',
      'encode',
      'messages',
      'worker',
      'store',
      'services',
      'serving',
    ]),
    {
      name: 'only-the-bridge-knows-react',
      severity: 'error',
      from: { path: within('core', 'schema', 'formats', 'messages', 'encode', 'worker') },
      to: { path: 'node_modules/(react|react-dom|next|@mui)/' },
    },
    {
      name: 'primitives-know-no-domain',
      severity: 'error',
      from: { path: '^src/views/primitives/' },
      to: { path: '^src/(schema|formats|encode|worker|store|core|views/(?!primitives|theme))' },
    },
    {
      name: 'one-view-never-imports-another',
      severity: 'error',
      from: { path: '^src/views/(?!primitives|frame)([^/]+)/' },
      to: { path: '^src/views/', pathNot: '^src/views/(primitives|frame|theme|$1)/' },
    },
    {
      // The students' page holds nothing of the teacher's side: neither records, nor words, nor what can search.
      name: 'students-page-stands-alone',
      severity: 'error',
      from: { path: '^src/(views/choosing/|app/seats/|app/alone/(seats|standAlone))' },
      to: {
        path: '^src/',
        pathNot:
          '^src/(views/(choosing|primitives|theme)/|views/frame/(Speaking|languageChoice|whenBack)|app/(seats/|alone/|Routed|styles|global)|messages/(choosing|speaking|languages|product)\\.ts|messages/(es|ar)/|services/(client|eventLine)\\.ts|services/seats/(visit|contract|plain)\\.ts)',
      },
    },
    {
      name: 'nothing-imports-app',
      severity: 'error',
      from: { pathNot: '^src/app/' },
      to: { path: '^src/app/' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
  },
};
