// The one direction of imports: app → ui, services → data, io, devices → core. Core imports nothing of ours.
const PURE_PACKAGES =
  'node_modules/(@stdlib|simple-statistics|ml-matrix|d3-random|is-any-array|ml-array|date-fns|@date-fns)'

module.exports = {
  forbidden: [
    {
      name: 'core-is-pure',
      comment:
        'core holds computation only: no framework, database, clock, files or code of ours outside core',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^src/core/', PURE_PACKAGES] },
    },
    {
      name: 'core-tests-stay-in-core',
      severity: 'error',
      from: { path: '^src/core/.*\\.test\\.ts$' },
      to: { path: '^src/(data|services|devices|ui|app)/' },
    },
    {
      name: 'devices-see-core-only',
      severity: 'error',
      from: { path: '^src/devices/' },
      to: { path: '^src/(data|services|ui|app)/' },
    },
    {
      name: 'io-sees-core-only',
      severity: 'error',
      from: { path: '^src/io/' },
      to: { path: '^src/(data|services|devices|ui|app)/' },
    },
    {
      name: 'data-sees-core-and-devices-only',
      severity: 'error',
      from: { path: '^src/data/' },
      to: { path: '^src/(services|ui|app)/' },
    },
    {
      name: 'services-do-not-see-screens',
      severity: 'error',
      from: { path: '^src/services/' },
      to: { path: '^src/(ui|app)/' },
    },
    {
      name: 'ui-does-not-reach-the-database',
      comment: 'the interface gets plain data and calls actions of the routes; types may be shared',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/(data|devices|app)/' },
    },
    {
      name: 'ui-takes-only-types-from-services',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/services/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'routes-call-services',
      comment: 'route handlers and actions call services, never the database',
      severity: 'error',
      from: { path: '^src/app/' },
      to: { path: '^src/data/' },
    },
    {
      name: 'only-data-uses-drizzle',
      severity: 'error',
      from: { path: '^src/(core|services|devices|ui|app)/', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules/(drizzle-orm|pg|@electric-sql)' },
    },
    {
      name: 'workers-see-core-and-io-only',
      severity: 'error',
      from: { path: '^src/workers/' },
      to: { path: '^src/(data|services|devices|ui|app)/' },
    },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphans',
      comment: 'a module that nothing uses is dead',
      severity: 'error',
      from: {
        orphan: true,
        path: '^src/',
        pathNot: ['\\.d\\.ts$', '\\.test\\.tsx?$', '^src/app/', '^src/data/migrations/'],
      },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
  },
}
