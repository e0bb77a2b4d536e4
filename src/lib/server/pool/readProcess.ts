import { readFileSync } from 'node:fs';

/** How long all of a process has had a processor since it began, ms, and the memory that it holds, bytes; NaN where nobody tells. */
export interface ProcessFigures {
	readonly worked: number;
	readonly memory: number;
}

/** Both as the system counts them for programs: hundredths of a second, pages. */
const [TICK, PAGE] = [10, 4096];

/** Source: proc(5), /proc/pid/stat: after the name in brackets come the fields from the third on. */
export function readProcess(pid: number): ProcessFigures {
	try {
		const said = readFileSync(`/proc/${pid}/stat`, 'utf8');
		const fields = said.slice(said.lastIndexOf(')') + 2).split(' ');
		const field = (number: number) => Number(fields[number - 3]);
		return { worked: TICK * (field(14) + field(15)), memory: PAGE * field(24) };
	} catch {
		return { worked: NaN, memory: NaN };
	}
}
