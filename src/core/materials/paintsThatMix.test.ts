import { expect, it } from 'vitest';
import type { Colour } from '../colour';
import type { Coat } from '../layers';
import { gatherMaterials, paintsThatMix } from './index';

const colour = (id: string, mix?: string[]): Colour => ({
	id,
	name: id,
	hex: '#808080',
	opacity: 0.95,
	...(mix ? { mix: mix.map((of) => ({ colour: of, parts: 1 })) } : {})
});
const coat = (kind: string, material: string, of: string) =>
	({
		kind,
		id: `${kind} ${of}`,
		wait: null,
		material,
		times: 1,
		thickness: 1,
		applicator: 'brush',
		on: 'all',
		colour: of
	}) as unknown as Coat;
const palette = [colour('sea'), colour('gold'), colour('sand'), colour('bronze', ['gold', 'sea']), colour('shore', ['sand', 'sea'])];

it.each<[what: string, coats: Coat[], blended: string[], mix: string[]]>([
	['nothing is laid', [], [], ['sea', 'gold', 'sand', 'bronze', 'shore']],
	[
		'gold is only gilding wax, nor mixes what it is in',
		[coat('gilding-wax', 'gilding-wax', 'gold'), coat('base', 'chalk-paint', 'sea')],
		[],
		['sea', 'sand', 'shore']
	],
	[
		'gold is a paint too',
		[coat('gilding-wax', 'gilding-wax', 'gold'), coat('stencil', 'metallic-paint', 'gold')],
		[],
		['sea', 'gold', 'sand', 'bronze', 'shore']
	],
	['gold is blended in a zone', [coat('gilding-wax', 'gilding-wax', 'gold')], ['gold'], ['sea', 'gold', 'sand', 'bronze', 'shore']],
	['a material that nobody knows is taken for paint', [coat('base', 'gone', 'sand')], [], ['sea', 'gold', 'sand', 'bronze', 'shore']]
])('%s', (_, coats, blended, mix) => {
	expect(paintsThatMix(palette, coats, gatherMaterials([]), [{ colours: blended }]).map(({ id }) => id)).toEqual(mix);
});
