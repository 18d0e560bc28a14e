/** The sheet as a script of its own: what is open at all stations is asked there alone. */
export { OrderSheet as default } from './OrderSheet.tsx'
