// Writes docs/job.schema.json from the record's own list of tables and fields.
import { writeFileSync } from 'node:fs';
import { jobSchema } from '../src/server/files/jobSchema';

writeFileSync('docs/job.schema.json', `${JSON.stringify(jobSchema(), null, 2)}\n`);
