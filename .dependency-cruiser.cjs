/** The layers of the house: core <- workers, storage <- app; cli and server may use the core. */
const floors = require('./src/core/floors.json');

/** The rooms of the core, lowest first: a floor's own files, then its rooms. */
const rooms = floors.flatMap(({ floor, rooms }) => [
  { path: `^src/core/${floor}/[^/]+$`, name: floor },
  ...rooms.map(({ room }) => ({ path: `^src/core/${floor}/${room}/`, name: `${floor}/${room}` })),
]);

/** No room of the core uses one that stands above it in src/core/floors.json. */
const noneUpwards = rooms.slice(0, -1).map(({ path, name }, n) => ({
  name: `${name}-uses-nothing-above-it`,
  comment: 'Imports go down the floors of src/core/floors.json only.',
  severity: 'error',
  from: { path, pathNot: '\\.test\\.ts$' },
  to: { path: rooms.slice(n + 1).map((above) => above.path) },
}));

const coreAllows =
  '^(src/core|node_modules/(immer|class-validator|class-transformer|reflect-metadata|jsonc-parser|d3-random|internmap|d3-array|lru-cache|minisearch|ml-matrix|munkres)/)';

module.exports = {
  forbidden: [
    {
      name: 'core-is-pure',
      comment: 'The core knows no interface, no browser, no database, no Node.',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: { pathNot: coreAllows },
    },
    ...noneUpwards,
    {
      name: 'solver-knows-no-device',
      comment: 'Devices stamp themselves into the solver; only the list of elements knows them by name.',
      severity: 'error',
      from: {
        path: '^src/core/physics/(network/(network|newton|operating-point|sparse-lu|fold-wires|device)|transient/(integrate|history))\\.ts$',
      },
      to: { path: '^src/core/physics/network/devices' },
    },
    {
      name: 'workers-and-storage-use-only-core',
      severity: 'error',
      from: { path: '^src/(workers|storage)' },
      to: { path: '^src/(app|cli)|^server' },
    },
    {
      name: 'server-and-cli-never-use-the-app',
      severity: 'error',
      from: { path: '^(server|src/cli|scripts)' },
      to: { path: '^src/(app|storage|workers)' },
    },
    {
      name: 'app-never-reaches-the-server',
      severity: 'error',
      from: { path: '^src/app' },
      to: { path: '^(server|src/cli|scripts)' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-test-code-in-the-product',
      severity: 'error',
      from: { path: '^(src|server)', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^tests|\\.test\\.tsx?$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'browser', 'default', 'types'],
    },
  },
};
