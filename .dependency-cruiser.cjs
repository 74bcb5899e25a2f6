/** The import arrows run one way: app -> features -> ui, data, workers, formats -> words -> core. */
const layer = (name, comment, from, to) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.tsx?$' },
  to,
});

module.exports = {
  forbidden: [
    layer('core-stands-alone', 'The core imports nothing of ours outside the core.', '^src/core/', {
      path: '^(src/(?!core/)|app/)',
    }),
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
    layer('words-know-core-only', 'Words say what the core finds.', '^src/words/', {
      path: '^(src/(?!(core|words)/)|app/|host/)',
    }),
    layer(
      'tools-rest-on-core',
      'ui, data, server, workers and formats know words, the core and what lies below them only.',
      '^src/(ui|data|server|workers|formats)/',
      { path: '^(src/(features|writes)/|app/|host/)' },
    ),
    layer('ui-without-data', 'The interface kit knows no database and no format.', '^src/ui/', {
      path: '^src/(data|formats|server)/',
    }),
    layer('workers-are-pure', 'A worker computes: no database, no interface.', '^src/workers/', {
      path: '^src/(data|ui|server)/',
    }),
    layer('formats-are-pure', 'Formats are text and core types.', '^src/formats/', {
      path: '^src/(data|ui|server|workers)/',
    }),
    layer('hub-stands-apart', 'The hub is a program of its own: formats and core.', '^src/hub/', {
      path: '^(src/(?!(hub|formats|core)/)|app/|host/)',
    }),
    layer(
      'nobody-imports-the-hub',
      'Cabins speak to it by its messages.',
      '^(src/(?!hub/)|app/|host/)',
      {
        path: '^src/hub/',
      },
    ),
    layer('data-knows-core-only', 'The database knows words and core only.', '^src/data/', {
      path: '^src/(formats|ui|server|workers)/',
    }),
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
    layer('host-is-outermost', 'Nothing below knows how the app is hosted.', '^(src|app)/', {
      path: '^host/',
    }),
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
    layer('features-below-app', 'A feature never imports a route.', '^src/features/', {
      path: '^app/',
    }),
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '^(\\.next|node_modules/.cache)' },
  },
};
