export { engineOfJob } from './engineOfJob.ts'
