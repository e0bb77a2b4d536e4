import { readFileSync } from 'node:fs';
import { planFile, writePlan } from '../src/core/sheets';

const file = process.argv[2];
if (!file) {
	console.error(
		'usage: npm run plan -- FILE    prints the plan of a project file as JSON; exit 1 where the file cannot be read as a project'
	);
	process.exit(2);
}
let text: string;
try {
	text = readFileSync(file === '-' ? 0 : file, 'utf8');
} catch (error) {
	console.error(`${file} cannot be opened: ${error instanceof Error ? error.message : String(error)}`);
	process.exit(2);
}
const { read, answer } = planFile(text);
process.stdout.write(writePlan(answer));
process.exitCode = read ? 0 : 1;
