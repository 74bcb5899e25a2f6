/** The import arrows run one way; see the picture in docs/architecture.md. */
const layer = (name, comment, from, to) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.tsx?$' },
  to,
});

/** Which room may import which: all the arrows there are, as docs/architecture.md draws them. */
const MAY_IMPORT = {
  core: [],
  words: ['core'],
  formats: ['words', 'core'],
  workers: ['formats', 'words', 'core'],
  ui: ['workers', 'words', 'core'],
  data: ['words', 'core'],
  server: ['data', 'formats', 'words', 'core'],
  hub: ['formats', 'words', 'core'],
  features: ['writes', 'ui', 'workers', 'server', 'data', 'formats', 'words', 'core'],
  writes: ['features', 'ui', 'server', 'data', 'formats', 'words', 'core'],
};
const ARROWS = Object.entries(MAY_IMPORT)
  .map(([room, others]) =>
    layer(
      `arrows-of-${room}`,
      `src/${room} imports ${others.join(', ') || 'nothing of ours'} only.`,
      `^src/${room}/`,
      { path: `^(src/(?!(${[room, ...others].join('|')})/)|app/|host/)` },
    ),
  )
  .concat(
    layer('arrows-of-app', 'A route imports what lies in src, except the hub.', '^app/', {
      path: '^(host|src/hub)/',
    }),
  );

module.exports = {
  forbidden: [
    ...ARROWS,
    layer(
      'core-knows-no-interface',
      'No interface or database package in the core.',
      '^src/core/',
      {
        path: 'node_modules/(react|react-dom|next|@chakra-ui|kysely|better-sqlite3)/',
      },
    ),
    {
      name: 'kernel-stands-alone',
      comment: 'What is compiled knows nothing else; its figures come through constants.ts.',
      severity: 'error',
      from: { path: '^src/core/kernel/', pathNot: '(/constants\\.ts|\\.test\\.ts)$' },
      to: { path: '^src/', pathNot: '^src/core/kernel/' },
    },
    layer(
      'reads-name-their-caller',
      'Pages, routes and actions take the database from server/callers-database, which refuses strangers.',
      '^(app|src/features)/',
      { path: '^src/data/process-database' },
    ),
    layer(
      'screens-without-data',
      'What runs in the browser knows no database, not even its types: those stand in core/model.',
      '^src/features/.*(\\.tsx$|/use-[^/]*\\.ts$)',
      { path: '^src/(data|server)/' },
    ),
    {
      name: 'features-apart',
      comment: 'A feature never imports another feature.',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'writes-know-use-cases-only',
      comment: 'The table of writes knows what a feature does, not how it looks.',
      severity: 'error',
      from: { path: '^src/writes/' },
      to: { path: '^src/features/(?!.*/use-cases/)' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '^(\\.next|node_modules/.cache)' },
  },
};
