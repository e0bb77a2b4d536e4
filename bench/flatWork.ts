import { readFileSync } from 'node:fs';
import { readMotifSvg } from '../src/core/formats';
import {
	fitBorder,
	fitStripes,
	layBands,
	measureMotif,
	readArtwork,
	type BorderWish,
	type Motif,
	type StripesWish
} from '../src/core/layout';
import { createPlanner, planProject } from '../src/core/plan';
import { addArrangement, newProject, setArrangement, type Project } from '../src/core/project';
import { compare, print } from './ratio';

const border: BorderWish = {
	sidesAt: (scale) => [560 - 40 * scale, 400 - 40 * scale],
	corners: 'blocks',
	corner: 40,
	motif: 60,
	scale: { least: 0.9, most: 1.1, wish: 1 },
	gap: { least: 0, most: 12, wish: 4 }
};
const SCALES = 20_000;

/** The slow, obvious way: every count on both sides at every one of 20,000 scales. */
function searchBorder({ sidesAt, corner, motif, scale, gap }: BorderWish): number {
	let best = Infinity;
	for (let i = 0; i <= SCALES; i++) {
		const s = scale.least + ((scale.most - scale.least) * i) / SCALES;
		const [w, h] = sidesAt(s).map((side) => side - s * corner) as [number, number];
		for (let n = 1; n <= 12; n++) {
			const across = (w - n * s * motif) / (n + 1);
			if (across < gap.least || across > gap.most) continue;
			for (let k = 1; k <= 12; k++) {
				const down = (h - k * s * motif) / (k + 1);
				if (down < gap.least || down > gap.most) continue;
				const off = (Math.abs(across - gap.wish) + Math.abs(down - gap.wish)) / 2 / motif;
				best = Math.min(best, 2 * Math.abs(Math.log(s / scale.wish)) + off + Math.abs(across - down) / motif);
			}
		}
	}
	return best;
}

const stripes: StripesWish = { length: 910, widths: [30], gap: 40, middle: 'either', school: 'measure', sliver: 8, tapes: [36] };

/** The same by 20,000 common scales of stripe and gap, both middles, every count. */
function searchStripes({ length, widths, gap }: StripesWish): number {
	let best = Infinity;
	for (let i = 0; i <= SCALES; i++) {
		const ratio = 1 / 1.3 + ((1.3 - 1 / 1.3) * i) / SCALES;
		for (const isStripe of [true, false])
			for (let total = ratio * (isStripe ? widths[0]! : gap), away = 1; total <= length; away++) {
				const left = (length - total) / 2;
				if (left >= 8 || left < 1e-6) best = Math.min(best, 2 * Math.abs(Math.log(ratio)) + left / (ratio * (widths[0]! + gap)));
				total += 2 * ratio * ((away % 2 === 0) === isStripe ? widths[0]! : gap);
			}
	}
	return best;
}

function motifOf(file: string): Motif {
	const read = readMotifSvg(readFileSync(`demo/motifs/${file}.svg`, 'utf8'), file);
	if (!read.ok) throw new Error(file);
	return read.motif;
}

/** A board with so many motifs in a field on it. */
function fieldOf(count: number): Project {
	const begun = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' });
	const side = Math.sqrt(count);
	const faces = begun.piece.faces.map((face) => ({
		...face,
		id: 'front',
		outline: { shape: 'rectangle' as const },
		width: '1000',
		height: '1000',
		parts: [],
		chain: []
	}));
	const added = addArrangement({
		project: { ...begun, piece: { ...begun.piece, faces, seams: [] } },
		motif: motifOf('scale'),
		kind: 'grid',
		fronts: ['front']
	});
	const grid = added.project.layout.arrangements[0]!;
	if (grid.kind !== 'grid') throw new Error(grid.kind);
	const step = 1000 / side;
	const scale = 0.6 * (step / 40);
	return setArrangement(added.project, {
		...grid,
		scale,
		gap: { across: step - 40 * scale, down: step - 34 * scale },
		middle: 'gap',
		edge: 'whole'
	});
}

/** One pixel of a drag: the whole plan after the field has moved by a mm. */
function dragged(project: Project): () => unknown {
	const planner = createPlanner();
	planner(project);
	let at = 0;
	return () => {
		const grid = project.layout.arrangements[0]!;
		if (grid.kind !== 'grid') throw new Error(grid.kind);
		return planner(setArrangement(project, { ...grid, offset: { x: (at = (at + 1) % 5), y: 0 } }));
	};
}

export async function benchFlatWork(): Promise<void> {
	const [ours, brute] = [fitBorder(border)[0]!.cost, searchBorder(border)];
	if (ours > brute + 1e-9 || brute - ours > 1e-4) throw new Error(`border: ${ours} against ${brute}`);
	const [own, slow] = [fitStripes(stripes)[0]!.cost, searchStripes(stripes)];
	if (own > slow + 1e-9) throw new Error(`stripes: ${own} against ${slow}`);
	print(
		await compare(
			`border, cost ${ours.toFixed(5)}`,
			() => fitBorder(border),
			`20,000 scales, cost ${brute.toFixed(5)}`,
			() => searchBorder(border)
		)
	);
	print(
		await compare(
			`stripes, cost ${own.toFixed(4)}`,
			() => fitStripes(stripes),
			`20,000 scales, cost ${slow.toFixed(4)}`,
			() => searchStripes(stripes)
		)
	);
	const many = fitStripes({ ...stripes, length: 4000 })[0]!;
	print(
		await compare(
			'stripes over 4 m, laid',
			() => layBands(many, 4000),
			'over 0.9 m',
			() => layBands(fitStripes(stripes)[0]!, 910)
		)
	);
	const [heron, wave] = [motifOf('heron'), motifOf('wave')];
	print(
		await compare(
			'limits of a motif of 981 points',
			() => readArtwork(measureMotif(heron), heron),
			'of 306 points',
			() => readArtwork(measureMotif(wave), wave)
		)
	);
	for (const [more, less] of [
		[400, 100],
		[900, 400]
	] as const) {
		const [large, small] = [fieldOf(more), fieldOf(less)];
		if (planProject(large).items.length !== more) throw new Error(`${planProject(large).items.length} motifs, not ${more}`);
		print(await compare(`one move of a field of ${more} motifs, planned`, dragged(large), `of ${less}`, dragged(small)));
	}
}
