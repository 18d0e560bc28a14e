import js from '@eslint/js'
import { readdirSync } from 'node:fs'
import reactHooks from 'eslint-plugin-react-hooks'
import globals from 'globals'
import tseslint from 'typescript-eslint'

/** What the computation may never touch: anything that shows, stores, fetches, or is different the next time. */
const PURE = {
  'no-restricted-globals': [
    'error',
    'window',
    'document',
    'fetch',
    'process',
    'setTimeout',
    'performance',
    'crypto',
    'console',
  ],
  'no-restricted-properties': [
    'error',
    { object: 'Math', property: 'random', message: 'Take a seeded source as an argument.' },
    { object: 'Date', property: 'now', message: 'Take the time as an argument.' },
  ],
}

/** The ladder core <- contract <- server | web | cli: who may not import whom. */
const forbid = (...patterns) => ({
  '@typescript-eslint/no-restricted-imports': [
    'error',
    { patterns: patterns.map((p) => (typeof p === 'string' ? { group: [p] } : p)) },
  ],
})
/** Inside the core dependency goes one way: each folder and those it may import. */
const TRADE = ['engine', 'numeric', 'parts', 'quantity', 'sections', 'verdict']
const CORE_FLOORS = {
  outcome: [],
  words: [],
  numeric: [],
  quantity: ['outcome'],
  shape: ['quantity'],
  verdict: ['outcome', 'quantity'],
  parts: ['quantity', 'verdict'],
  records: ['quantity'],
  engine: ['numeric', 'quantity', 'verdict'],
  sections: ['parts', 'quantity', 'shape'],
  // Computation by trade knows no job.
  fuel: TRADE,
  exhaust: TRADE,
  power: TRADE,
  harness: TRADE,
  'engine-top': TRADE,
  job: ['parts', 'quantity', 'sections', 'shape'],
  meaning: ['job', 'parts', 'quantity', 'sections', 'shape'],
  figures: ['engine-top', 'job', 'meaning', 'parts', 'power', 'quantity', 'sections', 'shape'],
  moments: ['engine', 'figures', 'job'],
  stations: [
    ...TRADE,
    'engine-top',
    'exhaust',
    'figures',
    'fuel',
    'harness',
    'job',
    'meaning',
    'moments',
    'power',
    'shape',
    'words',
  ],
  effects: ['figures', 'job', 'power', 'stations'],
  readiness: ['job', 'meaning', 'parts', 'sections', 'shape', 'stations', 'verdict', 'words'],
}
/** Stations are siblings on one floor: what two of them need lies below, or is a figure with declared sources. */
const STATIONS = readdirSync(new URL('packages/core/src/stations', import.meta.url), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map((entry) => entry.name)
const FLOORS = Object.keys(CORE_FLOORS)
const APPS = ['**/apps/**', '@lochmoor/server', '@lochmoor/web', '@lochmoor/cli']
const NOT_IN_CORE = ['react*', 'd3*', '@nestjs/*', 'typeorm', 'zod', 'node:*', '@lochmoor/*', ...APPS]
/** The other apps, by name and by path; and packages by their path instead of their name. */
const others = (...names) => [
  ...names.flatMap((n) => [`@lochmoor/${n}`, `**/${n}/src/**`, `**/${n}/dist/**`]),
  '**/packages/**',
]

const otherFloors = (folder) => ({
  regex: `^(\\.\\./)+(${FLOORS.filter((f) => f !== folder && !CORE_FLOORS[folder].includes(f)).join('|')})/`,
  message: `Inside the core dependency goes one way: ${folder} may import ${CORE_FLOORS[folder].join(', ') || 'nothing'}.`,
})

/** Where nothing is waited for: workers and what is loaded late apart. */
const PROMISELESS = {
  files: ['apps/cli/src/**/*.ts', 'apps/web/src/benches/**/*.{ts,tsx}'],
  ignores: ['**/*.test.{ts,tsx}', '**/background/**', 'apps/web/src/benches/station{Benches.ts,Screens.tsx}'],
  selectors: [
    ':function[async=true]',
    'AwaitExpression',
    "NewExpression[callee.name='Promise']",
    "MemberExpression[object.name='Promise']",
    'CallExpression > MemberExpression.callee[property.name=/^(then|catch|finally)$/]',
  ].map((selector) => ({ selector, message: 'Nothing is waited for here: rules that see a forgotten wait are off.' })),
}

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      '.lochmoor/**',
      'playwright-report/**',
      'test-results/**',
      'tools/probe/files/**',
      'tools/probe/rail/**/*.tsx',
    ],
  },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: false }],
      eqeqeq: 'error',
    },
  },
  {
    // Rules that ask for types cost half of the time. Core and contract have no promises, no `any` and no untyped answers
    // (all refused by other rules), and the compiler sees a switch that leaves something out (noImplicitReturns).
    files: ['packages/**/*.ts'],
    extends: [tseslint.configs.disableTypeChecked],
    rules: { '@typescript-eslint/switch-exhaustiveness-check': 'off' },
  },
  {
    // Calculators and benches have no promises either: below, a rule without types sees to it.
    files: PROMISELESS.files,
    ignores: PROMISELESS.ignores,
    extends: [tseslint.configs.disableTypeChecked],
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': 'off',
      'no-restricted-syntax': ['error', ...PROMISELESS.selectors],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    rules: { ...PURE, ...forbid(...NOT_IN_CORE) },
  },
  ...FLOORS.map((folder) => ({
    files: [`packages/core/src/${folder}/**/*.ts`],
    ignores: ['**/*.test.ts', '**/test/**'],
    rules: forbid(...NOT_IN_CORE, otherFloors(folder)),
  })),
  ...STATIONS.flatMap((station) =>
    [0, 1].map((depth) => ({
      files: [`packages/core/src/stations/${station}/${depth === 0 ? '' : '*/'}*.ts`],
      ignores: ['**/*.test.ts', '**/test/**'],
      rules: forbid(...NOT_IN_CORE, otherFloors('stations'), {
        regex: `^(\\.\\./){${depth + 1}}((${STATIONS.filter((s) => s !== station).join('|')})/|registry|remedies|assessor|index)`,
        message: 'A station imports no other station and nothing that lists them.',
      }),
    })),
  ),
  {
    // A judge takes the case and never goes back to the document.
    files: ['packages/core/src/stations/*/judge*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'ImportSpecifier[imported.name=/^(JobDocument|figureOf|meetingOf|foundAt)$/]',
          message: 'Read it off the case.',
        },
      ],
    },
  },
  {
    files: ['packages/contract/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/test/**'],
    rules: {
      ...PURE,
      ...forbid('react*', 'd3*', '@nestjs/*', 'typeorm', 'node:*', ...APPS, {
        regex: '^@lochmoor/core$',
        allowTypeImports: true,
        message: 'The contract takes types from the core, and the tree of the document from @lochmoor/core/job-shape.',
      }),
    },
  },
  {
    files: ['apps/server/src/**/*.ts'],
    rules: forbid('react*', 'd3*', ...others('web', 'cli')),
  },
  {
    files: ['apps/cli/src/**/*.ts'],
    rules: forbid('react*', 'd3*', '@nestjs/*', 'typeorm', ...others('server', 'web')),
  },
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'warn',
      ...forbid('@nestjs/*', 'typeorm', 'node:*', ...others('server', 'cli')),
    },
  },
  {
    // The rest of the rules of React read a component as its compiler would: only where components and hooks are.
    files: ['apps/web/src/**/*.tsx', 'apps/web/src/**/use*.ts'],
    ignores: ['**/*.test.tsx', 'apps/web/src/test/**'],
    plugins: { 'react-hooks': reactHooks },
    rules: reactHooks.configs.recommended.rules,
  },
  {
    // Views read the store and run commands; they never write it.
    files: ['apps/web/src/{benches,jobs,fields,marks,shell}/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[property.name='setState'][object.name=/Store$/]",
          message: 'Change the job through a command.',
        },
      ],
    },
  },
  {
    files: ['apps/web/src/benches/**/*.tsx'],
    ignores: PROMISELESS.ignores,
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[property.name='setState'][object.name=/Store$/]",
          message: 'Change the job through a command.',
        },
        ...PROMISELESS.selectors,
      ],
    },
  },
  {
    // Tests read untyped answers of HTTP calls and may use any global.
    files: ['**/*.test.{ts,tsx}', '**/testing/**', 'e2e/**'],
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
  { files: ['**/*.mjs'], languageOptions: { globals: globals.node } },
  { files: ['**/*.test.mjs'], languageOptions: { globals: globals.jest } },
  { files: ['tools/jest/jsdom-gaps.cjs'], languageOptions: { globals: globals.browser } },
  { files: ['bench/screen.mjs'], languageOptions: { globals: globals.browser } },
  {
    files: ['**/*.cjs'],
    languageOptions: { globals: globals.node, sourceType: 'commonjs' },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
)
