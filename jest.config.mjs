const transform = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    {
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
      },
      module: { type: 'es6' },
    },
  ],
}

const base = {
  transform,
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^server-only$': '<rootDir>/tests/empty.mjs',
    '^fast-check$': '<rootDir>/tests/fuzz/seeded.mjs',
  },
}

export default {
  // Two databases and two cores: a use case of fifteen readings may wait for its turn.
  testTimeout: 30_000,
  // Nothing else runs beside the tests: the usual “one core less” would leave half of a small machine idle.
  maxWorkers: '100%',
  projects: [
    {
      ...base,
      displayName: 'unit',
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/src/**/*.test.ts',
        '<rootDir>/tests/outside/**/*.test.ts',
        '<rootDir>/tests/docs/**/*.test.ts',
        '<rootDir>/tests/scripts/**/*.test.ts',
        '<rootDir>/tests/torture/**/*.test.ts',
      ],
    },
    {
      ...base,
      displayName: 'ui',
      testEnvironment: 'jsdom',
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFiles: ['<rootDir>/tests/jsdom/globals.ts'],
      setupFilesAfterEnv: ['<rootDir>/tests/jsdom/setup.ts'],
    },
  ],
}
