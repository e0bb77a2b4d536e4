import { expect, it } from 'vitest';
import { areaOfRings } from '../../geometry';
import { measureMotif } from '../measureMotif';
import { MotifSchema, type Motif } from '../motif';
import { addBridges } from './addBridges';
import { readArtwork } from './readArtwork';
import { proposeBridges } from './proposeBridges';

/** A ring of 60 with an island of 40 in it, and in that an opening of 20 with an island of 10. */
const square = (at: number, side: number) => `M${at} ${at}h${side}v${side}h${-side}z`;
const target: Motif = {
	id: 'target',
	name: 'Target',
	width: 60,
	height: 60,
	paths: [{ d: square(0, 60) + square(10, 40) + square(20, 20) + square(25, 10), rule: 'evenodd' }]
};
const read = (motif: Motif) => readArtwork(measureMotif(motif), motif);
const islandsOf = (motif: Motif) => read(motif).islands;

it.each([1, 2.5])(
	'with the bridges that are proposed, %d mm wide, nothing falls out any more, and no more than their strips is lost',
	(width) => {
		const islands = islandsOf(target);
		expect(islands).toHaveLength(2);
		const bridges = proposeBridges(measureMotif(target).rings, islands);
		const held = addBridges(target, bridges, width);
		expect(MotifSchema.safeParse(held).success).toBe(true);
		expect(islandsOf(held)).toEqual([]);
		const lost = measureMotif(target).openArea - measureMotif(held).openArea;
		/** At a corner the ends of a strip reach round it a little. */
		const strips = bridges.reduce((sum, { length }) => sum + length * width, 0);
		expect(lost).toBeGreaterThan(strips - 0.1);
		expect(lost).toBeLessThan(strips + 2 * bridges.length * width ** 2);
		expect(areaOfRings(measureMotif(held).rings)).toBeCloseTo(measureMotif(held).openArea, 6);
		expect(read(held).bridge.width).toBeGreaterThan(0.9 * width);
	}
);

it('without bridges it is the same openings; a bridge without a width is none', () => {
	expect(measureMotif(addBridges(target, [], 1)).openArea).toBeCloseTo(measureMotif(target).openArea, 6);
	expect(() => addBridges(target, [], 0)).toThrow('width above 0');
});
