/** The import arrows run one way: app -> features -> ui, data, workers, formats -> core. */
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
    layer(
      'tools-rest-on-core',
      'ui, data, workers and formats know the core and themselves only.',
      '^src/(ui|data|workers|formats)/',
      { path: '^(src/(features)/|app/)' },
    ),
    layer('ui-without-data', 'The interface kit knows no database.', '^src/(ui|workers)/', {
      path: '^src/(data|formats)/',
    }),
    layer('formats-are-pure', 'Formats are text and core types.', '^src/formats/', {
      path: '^src/(data|ui|workers)/',
    }),
    layer('data-knows-core-only', 'The database knows core types only.', '^src/data/', {
      path: '^src/(formats|ui|workers)/',
    }),
    {
      name: 'features-apart',
      comment: 'A feature never imports another feature.',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
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
