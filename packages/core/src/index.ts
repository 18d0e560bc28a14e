export * from './engine/index.ts'
export * from './fuel/index.ts'
export * from './quantity/index.ts'
export * from './verdict/index.ts'
