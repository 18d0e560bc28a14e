/** @param importSource where elements are made */
const swcOf = (importSource) => [
  new URL('./tools/jest/typescript.cjs', import.meta.url).pathname,
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: true, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        useDefineForClassFields: false,
        verbatimModuleSyntax: true,
        react: { runtime: 'automatic', importSource },
      },
    },
    module: { type: 'commonjs', ignoreDynamic: false },
  },
]

const ESM_TO_CJS = new URL('./tools/jest/esm-to-cjs.cjs', import.meta.url).pathname

const project = (displayName, folder, extra = {}) => ({
  displayName,
  rootDir: folder,
  testMatch: ['<rootDir>/**/*.test.{ts,tsx,mjs}'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  modulePathIgnorePatterns: ['/dist/'],
  transform: { '\\.tsx?$': swcOf('react'), '\\.m?js$': ESM_TO_CJS },
  transformIgnorePatterns: ['/node_modules/(?!(@nestjs|d3-[a-z-]+|internmap|lucide-react)/)'],
  testEnvironmentOptions: { customExportConditions: ['@lochmoor/source', 'node', 'node-addons', 'require', 'default'] },
  ...extra,
})

export default {
  testSequencer: new URL('./tools/jest/slow-first.cjs', import.meta.url).pathname,
  // Ends what hangs; how quick a test is it does not judge.
  testTimeout: 10 * 60_000,
  projects: [
    project('core', 'packages/core/src'),
    project('contract', 'packages/contract/src'),
    project('cli', 'apps/cli/src'),
    project('server', 'apps/server/src', {
      globalSetup: new URL('./tools/jest/throwaway-database.cjs', import.meta.url).pathname,
      globalTeardown: new URL('./tools/jest/end-throwaway-database.cjs', import.meta.url).pathname,
    }),
    project('web', 'apps/web/src', {
      transform: { '\\.tsx?$': swcOf('#words'), '\\.m?js$': ESM_TO_CJS },
      testEnvironment: 'jsdom',
      setupFiles: [new URL('./tools/jest/jsdom-gaps.cjs', import.meta.url).pathname],
      setupFilesAfterEnv: ['<rootDir>/test/patience.ts', '<rootDir>/test/workerHere.ts'],
      testEnvironmentOptions: { customExportConditions: ['@lochmoor/source', 'browser', 'require', 'default'] },
    }),
    project('launch', 'tools/launch'),
  ],
}
