/** Arrows run one way: pages → ui, server → wire, contract → core. */
module.exports = {
  forbidden: [
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: { path: '^(src/(contract|wire|server|ui|workers|pages|layouts)|node_modules|virtual:)' },
    },
    {
      name: 'core-needs-no-node',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'contract-knows-core-only',
      severity: 'error',
      from: { path: '^src/contract', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/(server|ui|workers|pages|layouts)' },
    },
    {
      name: 'wire-knows-core-only',
      severity: 'error',
      from: { path: '^src/wire' },
      to: { path: '^src/(contract|server|ui|workers|pages|layouts)' },
    },
    { name: 'ui-never-imports-server', severity: 'error', from: { path: '^src/ui' }, to: { path: '^src/(server|pages|contract)' } },
    { name: 'server-never-imports-ui', severity: 'error', from: { path: '^src/server' }, to: { path: '^src/(ui|pages|workers)' } },
    { name: 'workers-are-thin', severity: 'error', from: { path: '^src/workers' }, to: { path: '^src/(ui|server|pages|contract)' } },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true, dependencyTypesNot: ['type-only'] } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
  },
};
