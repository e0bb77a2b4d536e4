import { expect, it } from 'vitest';
import { withoutPaths } from './withoutPaths';

it.each([
	["ENOENT: no such file or directory, open '/home/ada/workshop/database/PG_VERSION'", "ENOENT: no such file or directory, open '...'"],
	['tar: /srv/w/backups/copy-1.tar.gz: Cannot open: No such file', 'tar: ...: Cannot open: No such file'],
	['Cannot find module file:///srv/build/pool/x.js imported from ./y/z.js', 'Cannot find module ... imported from ...'],
	['Invalid array length', 'Invalid array length'],
	['took 3/4 in of 12', 'took 3/4 in of 12'],
	['and/or', 'and/or']
])('%s', (said, told) => expect(withoutPaths(said)).toBe(told));
