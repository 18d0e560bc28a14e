export { withChange, type JobChange } from './jobChange.ts'
export { emptyJob, figureAt, JOB, SECTION_NAMES, type JobDocument, type SectionName } from './jobDocument.ts'
export { isUntouched } from './isUntouched.ts'
export { copiedJob, jobFromTemplate, TEMPLATE_WORDS, type JobTemplateId } from './templates.ts'
