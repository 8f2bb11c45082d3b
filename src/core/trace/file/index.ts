export { caseFileOf, readCase, type CaseFile, type CaseLine, type ReadCase } from './caseFile';
