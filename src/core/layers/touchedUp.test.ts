import { expect, it } from 'vitest';
import { readExample } from '../../../tests/readExample';
import { readProject } from '../formats';
import { planProject } from '../plan';
import { dropCoat, setCoat } from '../project';
import type { Coat } from './index';

it('what is touched up has the colour and the paint of the coat that it mends, and keeps them when that goes', () => {
	const { project: begun } = readExample('prime; base; blend; touch-up; clear');
	const touched = (project: typeof begun) =>
		project.finish.coats.find(({ id }) => id === 'touch-up') as Extract<Coat, { kind: 'touch-up' }>;
	const base = begun.finish.coats.find(({ id }) => id === 'base') as Extract<Coat, { kind: 'base' }>;
	const follows = setCoat(begun, { ...touched(begun), of: 'base', colour: 'soot' });
	expect(touched(follows)).toMatchObject({ of: 'base', colour: base.colour, material: base.material });

	const other = setCoat(follows, { ...base, colour: 'soot', material: 'milk-paint' });
	expect(touched(other)).toMatchObject({ of: 'base', colour: 'soot', material: 'milk-paint' });
	/** In ml as in the picture: what is poured for it is of that paint. */
	const poured = planProject(other).quantities.paints.filter(({ uses }) => uses.some(({ coat }) => coat === 'touch-up'));
	expect(poured.map(({ colour, material }) => [colour, material])).toEqual([['soot', 'milk-paint']]);

	/** One that is gone, and one without a colour of its own, is followed no more. */
	expect(touched(dropCoat(other, 'base'))).toMatchObject({ colour: 'soot', material: 'milk-paint' });
	expect(touched(dropCoat(other, 'base')).of).toBeUndefined();
	expect(touched(setCoat(other, { ...touched(other), of: 'blend' })).of).toBeUndefined();
	expect(touched(setCoat(other, { ...touched(other), of: 'touch-up' })).of).toBeUndefined();

	const coats = other.finish.coats.map((coat) => (coat.id === 'touch-up' ? { ...coat, of: 'nothing' } : coat));
	const read = readProject({ ...other, finish: { ...other.finish, coats } });
	expect(read.ok ? [] : read.issues.map(({ code, path }) => `${code} at ${path}`)).toEqual(['ref.unknown at finish.coats[3].of']);
});
