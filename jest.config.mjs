const swc = [
  '@swc/jest',
  {
    jsc: {
      parser: { syntax: 'typescript', tsx: true, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        react: { runtime: 'automatic' },
      },
      target: 'es2022',
    },
  },
];
const root = new URL('.', import.meta.url).pathname;
const base = {
  transform: { '^.+\\.tsx?$': swc, '(spessasynth_core|stb-vorbis).+\\.js$': swc },
  testEnvironment: 'node',
  // Several of these packages declare a main file they do not ship.
  moduleNameMapper: {
    '^@tonaljs/([^/]+)$': [
      `${root}node_modules/@tonaljs/$1/dist/index.cjs`,
      `${root}node_modules/@tonaljs/$1/dist/index.js`,
    ],
  },
  testEnvironmentOptions: {
    // Applications are tested with core as it is built.
    customExportConditions: ['node', 'node-addons', 'require', 'default'],
  },
};
export default {
  projects: [
    {
      ...base,
      displayName: 'core',
      // As the type check compiles it (tsc -p packages/core): that computes twice as fast as swc's modules.
      rootDir: 'packages/core/dist-test',
      transform: {},
      testMatch: ['<rootDir>/**/*.test.js'],
    },
    {
      ...base,
      displayName: 'server',
      rootDir: 'apps/server',
      testMatch: ['<rootDir>/**/*.test.ts'],
    },
    {
      ...base,
      displayName: 'soak',
      // ./start itself, killed in every way; see docs/reliability.md.
      rootDir: 'soak',
      testMatch: ['<rootDir>/**/*.test.ts'],
    },
    {
      ...base,
      displayName: 'web',
      // The synthesiser ships as ES modules only.
      transformIgnorePatterns: ['/node_modules/(?!spessasynth_core|stb-vorbis)'],

      rootDir: 'apps/web',
      testMatch: ['<rootDir>/src/**/*.test.ts?(x)'],
    },
  ],
};
