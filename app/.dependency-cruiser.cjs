/** Arrows between the rooms of the front end point one way. Run by `npm run lint`. */
/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circle-of-files', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-circle-of-folders',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/' },
      to: { circular: true },
    },
    {
      name: 'the-document-knows-only-its-types',
      comment: 'Edits, outline and merge work without yoga, network and page.',
      severity: 'error',
      from: { path: '^src/document/' },
      to: { path: '^src/', pathNot: ['^src/document/', '^src/lib/'] },
    },
    {
      name: 'saving-knows-the-document',
      severity: 'error',
      from: { path: '^src/saving/' },
      to: { path: '^src/', pathNot: ['^src/saving/', '^src/document/', '^src/lib/'] },
    },
    {
      name: 'nobody-knows-the-views',
      severity: 'error',
      from: { path: '^src/(?!views/|App)' },
      to: { path: '^src/views/' },
    },
    {
      name: 'lib-knows-nobody',
      severity: 'error',
      from: { path: '^src/lib/' },
      to: { path: '^src/', pathNot: '^src/lib/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.ts$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.svelte', '.svelte.ts', '.js', '.mjs', '.d.ts'] },
  },
};
