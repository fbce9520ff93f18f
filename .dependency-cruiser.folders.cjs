/** Folders inside the core form no circle; tests, which look at several at once, are left out. */
module.exports = {
  forbidden: [
    {
      name: 'folders-of-the-core-form-no-circle',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    exclude: '\\.test\\.ts$',
    doNotFollow: { path: 'node_modules' },
  },
};
