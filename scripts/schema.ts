// Writes the published schema of the project file: node scripts/run.mjs scripts/schema.ts
import { writeFileSync } from 'node:fs';
import { describeProjectSchema } from '../src/core/project';

writeFileSync(new URL('../docs/project.schema.json', import.meta.url), `${JSON.stringify(describeProjectSchema(), null, '\t')}\n`);
