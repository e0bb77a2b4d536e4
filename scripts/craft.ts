// Writes the tables of docs/craft.md from the code: node scripts/run.mjs scripts/craft.ts
import { readFileSync, writeFileSync } from 'node:fs';
import { writeCraftTables } from '../tests/craftTables';

const file = new URL('../docs/craft.md', import.meta.url);
writeFileSync(file, writeCraftTables(readFileSync(file, 'utf8')));
