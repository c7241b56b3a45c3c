import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

/**
 * The floors of the engine, lowest first: a folder may import those below it, never those above.
 * `testing` is for tests alone and may use everything.
 */
const floors = [
  'base',
  'pitch',
  'chord',
  'chart',
  'analysis',
  'voicing',
  'connect',
  'movement',
  'comp',
  'arrangement',
  'versions',
  'practice',
  'band',
  'choruses',
  'tracks',
  'score',
  'formats',
  'api',
];

/** Chart and voicing stand side by side on the chord; neither knows the other. */
const besideEachOther = { voicing: ['chart', 'analysis'] };

const floorRules = floors.map((floor, height) => {
  const above = [...floors.slice(height + 1), ...(besideEachOther[floor] ?? []), 'testing'];
  return {
    files: [`packages/core/src/${floor}/**/*.ts`],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: above.map((name) => `**/${name}/**`),
              message: `${floor} stands below: imports run one way, ${floors.join(' ← ')}.`,
            },
            {
              group: ['node:*', 'react', 'react-*', '@nestjs/*', '@drop-close/*'],
              message: 'The engine is pure: no Node module, no interface, no application.',
            },
          ],
        },
      ],
    },
  };
});

/**
 * The floors of the page, lowest first, as those of the engine. `testing` is for tests alone.
 */
const webFloors = [
  'ui',
  'local',
  'api',
  'midi',
  'jobs',
  'saving',
  'document',
  'profile',
  'engine',
  'place',
  'notation',
  'playback',
  'room',
  'solo',
  'chart',
  'voice',
  'comp',
  'etude',
  'stand',
  'practise',
  'takeaway',
  'bringin',
  'wholebook',
  'book',
  'palette',
  'tune',
  'welcome',
  'help',
  'app',
];

const webFloorRules = webFloors.map((floor, height) => {
  const above = [...webFloors.slice(height + 1), 'testing'];
  return {
    files: [`apps/web/src/${floor}/**/*.{ts,tsx}`],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: `^(\\.\\./)+(${above.join('|')})/`,
              message: `${floor} stands below: imports run one way, ${webFloors.join(' ← ')}.`,
            },
          ],
        },
      ],
    },
  };
});

export default ts.config(
  {
    ignores: [
      '**/dist/**',
      '**/dist-test/**',
      '**/node_modules/**',
      '.data/**',
      'apps/web/public/**',
      'test-results/**',
    ],
  },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  {
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'off',
      // Typed arrays in the solver are walked within bounds known by construction.
      '@typescript-eslint/no-non-null-assertion': 'off',
      // A field named beside a rest is left out of it.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // Nest modules are empty classes that carry a decorator.
      '@typescript-eslint/no-extraneous-class': ['error', { allowWithDecorator: true }],
      // DTOs and Nest's options are classes for their decorators; plain objects of their shape are right.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      'no-console': 'error',
      // There are no enums here, and looking for them takes a tenth of the time.
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
    },
  },
  {
    // Bodies of responses are `any` until a test says what it expects of them.
    files: ['apps/server/test/**'],
    rules: { '@typescript-eslint/no-unsafe-assignment': 'off' },
  },
  ...floorRules,
  ...webFloorRules,
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: hooks.configs.recommended.rules,
  },
  { files: ['bench/**', 'scripts/**'], rules: { 'no-console': 'off' } },
  { files: ['**/*.{js,mjs}'], ...ts.configs.disableTypeChecked },
  {
    files: ['**/*.{js,mjs}'],
    languageOptions: { globals: { process: 'readonly', console: 'readonly', URL: 'readonly' } },
  },
);
