// Writes all that the program can say to docs/words.md: node scripts/run.mjs scripts/words.ts
import { writeFileSync } from 'node:fs';
import { listSaid, writeSaid } from '../tests/saidTable';

writeFileSync(new URL('../docs/words.md', import.meta.url), writeSaid(listSaid()));
