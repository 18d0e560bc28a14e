export * from './network/index.ts'
