// Runs a TypeScript script of this project: node scripts/run.mjs FILE [arguments]
import { bin, installPackages, run } from './setup.mjs';

installPackages();
const [file, ...rest] = process.argv.slice(2);
process.exit(run(bin('tsx'), [file, ...rest], { allowFailure: true }).status ?? 1);
