import { costOfFit, ENDS_BY_ID, fitRunToLength, type RunWish } from '../src/core/layout';
import { compare, print } from './ratio';

const plain: RunWish = {
	length: 910,
	margin: 0,
	motif: 120,
	scale: { least: 0.9, most: 1.1, wish: 1 },
	gap: { least: 0, most: 20, wish: 10 },
	middle: 'either',
	obstacles: [],
	obstacleRule: 'avoid'
};
const knobs: RunWish = {
	...plain,
	motif: 60,
	gap: { least: 0, most: 90, wish: 45 },
	obstacles: [
		{ from: 210, to: 245 },
		{ from: 665, to: 700 }
	]
};

/** The slow, obvious way: every count, 2,000 scales, the best kept. Coarser than ours, which is exact. */
function searchScales(wish: RunWish, ends: 'whole' | 'half') {
	const kind = ENDS_BY_ID[ends];
	const [least, most] = kind.countRange(wish);
	let best = Infinity;
	for (let count = least; count <= most; count++)
		for (let i = 0; i <= 2000; i++) {
			const scale = wish.scale.least + ((wish.scale.most - wish.scale.least) * i) / 2000;
			const gap = kind.gapThatCloses(count, scale, wish)!;
			if (gap < wish.gap.least || gap > wish.gap.most) continue;
			best = Math.min(best, costOfFit({ wish, scale, gap, row: kind.layRow(count, scale, gap, wish), leftOver: 0 }).cost);
		}
	return best;
}

export async function benchRunFit(): Promise<void> {
	print(
		await compare(
			'run fit, whole ends',
			() => fitRunToLength(plain, 'whole'),
			'search of 2,000 scales',
			() => searchScales(plain, 'whole')
		)
	);
	print(
		await compare(
			'run fit, whole ends, two knobs',
			() => fitRunToLength(knobs, 'whole'),
			'search of 2,000 scales',
			() => searchScales(knobs, 'whole')
		)
	);
	print(
		await compare(
			'run fit, half ends',
			() => fitRunToLength(plain, 'half'),
			'search of 2,000 scales',
			() => searchScales(plain, 'half')
		)
	);
}
