import type { Mm } from '../../units';
import type { LengthReader } from './readLengths';
import type { SetOff } from '../schema';

/** How far a surface stands before (+) or behind (-) what it lies in, mm; 0 until it can be read. `path` is where the set-off stands. */
export function readSetOff(setOff: SetOff, path: string, read: LengthReader): Mm {
	if (setOff.way === 'level') return 0;
	const by = read(setOff.by, `${path}.by`, 'zero')?.mm ?? 0;
	return setOff.way === 'proud' ? by : -by;
}
