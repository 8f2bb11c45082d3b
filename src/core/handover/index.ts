export { headOf, recordNotice, recordOf, type JobRecord } from './record';
