const shared = {
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts'],
  transform: { '^.+\\.ts$': '<rootDir>/../../scripts/lib/jestTransform.mjs' },
  moduleNameMapper: {
    '^@lotus-steady/core/body$': '<rootDir>/../../packages/core/src/body.ts',
    '^@lotus-steady/core/solving$': '<rootDir>/../../packages/core/src/solving.ts',
    '^@lotus-steady/core/built-in$': '<rootDir>/../../packages/core/builtIn/index.ts',
    '^@lotus-steady/core/rulebook$': '<rootDir>/../../packages/core/builtIn/rulebook.ts',
    '^@lotus-steady/core/frames$': '<rootDir>/../../packages/core/builtIn/frames.ts',
    '^@lotus-steady/core/ready$': '<rootDir>/../../packages/core/builtIn/ready.ts',
    '^@lotus-steady/figure/(scene|pictures)$': '<rootDir>/../../packages/figure/src/$1.ts',
    '^@lotus-steady/figure/node$': '<rootDir>/../../packages/figure/src/node.ts',
    '^@lotus-steady/figure$': '<rootDir>/../../packages/figure/src/index.ts',
    '^@lotus-steady/core$': '<rootDir>/../../packages/core/src/index.ts',
    '^(\\.{1,2}/.*)\\.js$': '$1',
  },
};

/** Run with NODE_OPTIONS=--experimental-vm-modules: everything here is an ES module. */
export default {
  // For what never ends. How long a thing may take is told in docs/benchmarks.md: a busy machine fails no test.
  testTimeout: 300_000,
  projects: [
    { ...shared, displayName: 'core', rootDir: 'packages/core', testMatch: ['<rootDir>/tests/**/*.test.ts'] },
    {
      ...shared,
      displayName: 'figure',
      rootDir: 'packages/figure',
      testMatch: ['<rootDir>/tests/**/*.test.ts'],
    },
    { ...shared, displayName: 'web', rootDir: 'apps/web', testMatch: ['<rootDir>/tests/**/*.test.ts'] },
    {
      ...shared,
      displayName: 'server',
      rootDir: 'apps/server',
      testMatch: ['<rootDir>/tests/**/*.test.ts'],
      setupFiles: ['reflect-metadata'],
    },
  ],
};
