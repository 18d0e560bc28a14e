export { type Result, ok, err, type InputError, explainInputError } from './result.ts'
