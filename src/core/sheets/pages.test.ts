import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { addArrangement, addZone, newProject, ZONE_STARTERS, type Project } from '../project';
import { readProjectText } from '../formats';
import { ARRANGEMENTS, type Arrangement, type Motif, type Zone } from '../layout';
import { datumOf, STARTERS } from '../piece';
import { listDecoration, nameSurface, planProject } from '../plan';
import { formatLength, formatWork } from '../units';
import { wrapText } from './flowLines';
import { bundleSheets, describeSheets, listPages, PAGE_MARGIN, type Page, type PageItem } from './index';
import { wordZone } from './wordZone';

const load = (name: string): Project => {
	const read = readProjectText(readFileSync(`demo/${name}.json`, 'utf8'));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.project;
};
const DEMOS = ['sail-loft-chest', 'chart-cabinet', 'ferry-table', 'net-box'] as const;
const chest = load('../tests/fixtures/reed-chest');
const flag: Motif = {
	id: 'flag',
	name: 'Flag',
	width: 40,
	height: 60,
	paths: [{ d: 'M0 0h10v60h-10z M10 0h30v20h-30z', rule: 'nonzero' }]
};

type Text = Extract<PageItem, { kind: 'text' }>;
const textsOf = (page: Page) => page.items.filter((item): item is Text => item.kind === 'text');
const pagesOf = (project: Project, paper: Project['paper'] = 'a4') => describeSheets(project, planProject(project), paper);

/** Figures and lines within the margins; running text not wider than the page; no two texts on each other. */
function expectTidy(page: Page): void {
	const [right, bottom] = [page.width - PAGE_MARGIN, page.height - PAGE_MARGIN];
	for (const item of page.items) {
		if (item.kind === 'line') {
			expect(Math.min(item.x1, item.x2), page.title).toBeGreaterThanOrEqual(PAGE_MARGIN - 3.5);
			expect(Math.max(item.x1, item.x2), page.title).toBeLessThanOrEqual(right + 3.5);
			expect(Math.max(item.y1, item.y2), page.title).toBeLessThanOrEqual(bottom + 3.5);
		}
		if (item.kind === 'rings')
			for (const ring of item.rings) expect(Math.max(...ring.filter((_, i) => i % 2 === 0)), page.title).toBeLessThanOrEqual(right + 1);
	}
	const boxes = textsOf(page).map(({ x, y, text, size, anchor = 'start', turn = 0 }) => {
		const width = text.length * size * 0.44;
		const left = anchor === 'start' ? x : anchor === 'end' ? x - width : x - width / 2;
		return turn === 0 ? { left, right: left + width, top: y - size * 0.6, bottom: y, text } : null;
	});
	boxes.forEach((a, i) => {
		if (a === null) return;
		expect(a.right, `${page.title}: ${a.text}`).toBeLessThanOrEqual(right + 2);
		for (const b of boxes.slice(i + 1))
			if (b && a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom)
				expect.fail(`${page.title}: "${a.text}" lies on "${b.text}"`);
	});
}

describe.each(DEMOS)('%s', (name) => {
	it.each(['a4', 'letter'] as const)('prints tidy pages on %s: what lies on it, the order of its coats, what to buy', (paper) => {
		const project = load(name);
		const pages = pagesOf(project, paper);
		for (const page of pages) expectTidy(page);
		expect(pages.map(({ title }) => title)).toEqual(expect.arrayContaining(['The order of the coats', 'To buy and lay out']));
		const plan = planProject(project);
		for (const { part } of plan.zones) {
			const { name: title } = plan.faces.flatMap((face) => [face.whole, ...face.parts]).find(({ id }) => id === part)!;
			/** By itself, or with those that are like it. */
			expect(pages.filter((page) => page.title === title || page.title.includes(' alike'))).not.toEqual([]);
		}
		expect(listPages(project, plan).map(({ title }) => title)).toEqual(pagesOf(project, project.paper).map(({ title }) => title));
	});
});

it('puts each sheet into one bundle, in the order of printing', () => {
	const sheets = pagesOf(load('chart-cabinet'));
	const bundles = bundleSheets(sheets);
	expect(bundles.flatMap(({ pages }) => pages.map(({ at }) => at))).toEqual(sheets.map((_, at) => at));
	for (const { kind, pages } of bundles) for (const { at, page } of pages) expect([sheets[at], page.kind]).toEqual([page, kind]);
	expect(bundles.map(({ word }) => word)).toEqual(['The parts', 'Motifs, true size', 'Lays', 'Order of coats', 'To buy']);
});

it.each(STARTERS.map(({ id }) => id))('%s, with a zone and each kind of arrangement on its first face: a tidy page for it', (shape) => {
	const begun = newProject({ name: '', units: shape === 'frame' ? 'in' : 'mm', count: null, shape });
	const sized = begun.piece.faces.map((face, i) =>
		i === 0 && shape !== 'free-board'
			? {
					...face,
					width: '500 mm',
					height: face.outline.shape === 'circle' ? '' : '400 mm',
					chain: face.chain.length > 0 ? [] : face.chain
				}
			: face
	);
	const first = sized[0]!.id;
	let project: Project = {
		...begun,
		piece: {
			...begun.piece,
			faces: sized.map((face, i) => (i === 0 ? { ...face, parts: [], hardware: { kind: 'none' } } : face)),
			seams: []
		}
	};
	project = addZone(project, ['night-tide', 'gull']).project;
	for (const [kind, { of }] of Object.entries(ARRANGEMENTS))
		project = addArrangement({ project, motif: of === 'motif' ? flag : null, kind: kind as Arrangement['kind'] }).project;
	const all = [first];
	project = {
		...project,
		layout: {
			...project.layout,
			zones: project.layout.zones.map((zone) => ({ ...zone, parts: all })),
			arrangements: project.layout.arrangements.map((one) => ({ ...one, parts: all }))
		}
	};
	const plan = planProject(project);
	expect(plan.errors).toEqual([]);
	const pages = describeSheets(project, plan, 'a4');
	const name = plan.faces[0]!.name;
	expect(pages.map(({ title }) => title)).toContain(name);
	expect(pages.map(({ title }) => title)).toContain('Tape');
	for (const page of pages) expectTidy(page);
	/** Numbers run within one arrangement, after that of its balloon; every row of the table has its number in the drawing. */
	const own = pages.filter(({ title }) => title.startsWith(name)).flatMap(textsOf);
	const listed = own.filter(({ name, bold, ink }) => name === 'cell' && bold && ink === 'ember').map(({ text }) => text);
	const drawn = new Set(own.filter((text) => text.name === 'number').map(({ text }) => text));
	expect(listed.length).toBeGreaterThan(3);
	expect(listed.filter((label) => !drawn.has(label))).toEqual([]);
	const numbers = listDecoration(project, plan).map(({ id, number }) => [id, number] as const);
	for (const { arrangement, number } of plan.items.filter(({ part, motif }) => part === first && motif !== null))
		expect(
			own.some(({ text }) => text.includes(`${new Map(numbers).get(arrangement)}.`)),
			`${arrangement} ${number}`
		).toBe(true);
	/** Nothing is told from the edge of a box that is none, and no figure lies off the piece. */
	const datum = datumOf(plan.faces[0]!.whole);
	const said = own.map(({ text }) => text).join(' ');
	if (datum.across === 'centre') expect(said).not.toMatch(/\d (mm|in) from the left|left edge/);
	if (datum.down === 'centre') expect(said).not.toMatch(/\d (mm|in) from the top|top edge/);
	expect(said).not.toMatch(/−\d|[ (]-\d/);
});

it.each([
	['sail-loft-chest', /^Drawer \d$/, 'across'],
	['chart-cabinet', /^(Door|Panel) \d$/, 'upright'],
	['ferry-table', /^Top$/, 'upright']
] as const)('%s: %s lies %s, and the drawing fills its page', (name, titles, lie) => {
	const project = load(name);
	for (const paper of ['a4', 'letter'] as const) {
		const pages = pagesOf(project, paper).filter(({ title }) => titles.test(title));
		expect(pages.length).toBeGreaterThan(0);
		for (const page of pages) {
			expect(page.width > page.height ? 'across' : 'upright').toBe(lie);
			const [front] = page.items.flatMap((item) =>
				item.kind === 'rect' && item.name === 'front'
					? [item]
					: item.kind === 'rings' && item.name === 'front'
						? [boxAround(item.rings[0]!)]
						: []
			);
			const lowest = Math.max(
				...textsOf(page)
					.filter(({ size, y }) => size > 2.9 && y < page.height - PAGE_MARGIN)
					.map(({ y }) => y)
			);
			/** As wide as the page takes, or as high as words and figures leave it. */
			const isWide = front!.width > page.width - 2 * PAGE_MARGIN - 31;
			expect(isWide || lowest > page.height - PAGE_MARGIN - 25, `${page.title} on ${paper}`).toBe(true);
		}
	}
});

function boxAround(ring: readonly number[]): { width: number; height: number } {
	const [xs, ys] = [0, 1].map((axis) => ring.filter((_, i) => i % 2 === axis)) as [number[], number[]];
	return { width: Math.max(...xs) - Math.min(...xs), height: Math.max(...ys) - Math.min(...ys) };
}

it('no page of a part has one row, or one line, by itself, however many there are', () => {
	const coats = chest.finish.coats.filter((coat) => !('arrangement' in coat));
	for (let count = 1; count <= 60; count++) {
		const single = {
			...ARRANGEMENTS.single.start({ id: 's', name: 'S', motif: flag, parts: ['drawer-2'], shortest: 100, scale: 0.1, round: Math.round })
		};
		const spots = Array.from({ length: count }, (_, i) => ({
			...(single as object),
			id: `s${i}`,
			name: `S ${i}`,
			offset: { x: -360 + 12 * i, y: (i % 7) * 9 - 30 }
		})) as Arrangement[];
		const project = {
			...chest,
			layout: { ...chest.layout, motifs: [...chest.layout.motifs, flag], arrangements: spots },
			finish: { ...chest.finish, coats }
		};
		const pages = pagesOf(project).filter(({ title }) => /^Drawer 2(,|$)/.test(title));
		const later = pages.slice(1).map((page) => textsOf(page).filter(({ y, size }) => y > 32 && size > 2.9).length);
		const rows = pages.map(
			(page) => page.items.filter((item) => item.kind === 'text' && item.name === 'cell' && item.ink === 'ember').length
		);
		expect(rows.reduce((sum, n) => sum + n, 0)).toBe(count);
		expect(
			later.every((n) => n > 1),
			String(count)
		).toBe(true);
		if (count > 1) expect(rows, String(count)).not.toContain(1);
	}
});

it('prints each figure in its own column, from the edge that it is told for', () => {
	const texts = pagesOf(chest)
		.filter(({ title }) => /^Drawer 2(,|$)/.test(title))
		.flatMap(textsOf);
	const columnOf = (title: string) => texts.find(({ text }) => text === title)!.x;
	const rows = planProject(chest)
		.items.filter(({ part }) => part === 'drawer-2')
		.sort((a, b) => a.number - b.number);
	const cells = (title: string) => texts.filter(({ x, name }) => x === columnOf(title) && name === 'cell').map(({ text }) => text);
	expect(cells('Place')).toEqual(rows.map(({ number }) => String(number)));
	/** From left to right, the order of placing by itself. */
	expect(rows.map(({ left }) => left)).toEqual(rows.map(({ left }) => left).toSorted((a, b) => a - b));
	const inOrder = [...rows].sort((a, b) => a.order - b.order).map(({ number }) => number);
	expect(texts.map(({ text }) => text).join(' ')).toContain(`Lay them in this order: ${inOrder.join(', ')}.`);
	expect(cells('Left edge, from the left')).toEqual(rows.map(({ left }) => `${Math.round(left)} mm`));
	expect(cells('Top edge, from the top')).toEqual(rows.map(({ top }) => `${Math.round(top)} mm`));
	expect(cells('Centre, left')).toEqual(rows.map(({ centre }) => `${Math.round(centre.x)} mm`));
	expect(cells('Centre, top')).toEqual(rows.map(({ centre }) => `${Math.round(centre.y)} mm`));
});

describe('a zone in words, for one part', () => {
	const bands = (over: Zone['over'], from: 'top' | 'bottom' | 'left', stops: number[] | null = null): Zone => ({
		id: 'b',
		name: 'Tide',
		parts: 'drawers',
		over,
		field: { pattern: 'bands', from, stops },
		colours: ['estuary', 'slack-water', 'hull-white'],
		leaves: false,
		softness: 0
	});
	const say = (zone: Zone, part: string) => {
		const project = { ...chest, layout: { ...chest.layout, zones: [zone] } };
		return wordZone(project, planProject(project), zone, part);
	};
	const drawer = (id: string) => planProject(chest).faces[0]!.parts.find((part) => part.id === id)!;

	it('bands over the piece are told from the top of each drawer, only those that cross it', () => {
		const { y, height } = drawer('drawer-2');
		/** The front stands on the floor and is 940 high. */
		const meet = 1 - (y + 50) / 940;
		expect(say(bands('piece', 'bottom', [0.01, meet]), 'drawer-2')).toBe(
			'Tide: from the top Hull white and Slack water; they meet 50 mm from the top edge of this part. The lines are crisp.'
		);
		expect(say(bands('piece', 'bottom', [0.01, meet]), 'drawer-4')).toBe('Tide: all of it Slack water. The lines are crisp.');
		expect(say(bands('piece', 'bottom', [0.01, meet]), 'drawer-1')).toBe('Tide: all of it Hull white. The lines are crisp.');
		expect(height).toBeGreaterThan(50);
	});

	it('by itself each drawer has all of them, from its own edge', () => {
		const { height, width } = drawer('drawer-1');
		expect(say(bands('each', 'top', [0.25, 0.5]), 'drawer-1')).toContain(
			`from the top Estuary at dusk, Slack water and Hull white; they meet ${Math.round(height / 4)} mm and ${Math.round(height / 2)} mm`
		);
		expect(say(bands('each', 'left', [0.25, 0.5]), 'drawer-1')).toContain(
			`from the left Estuary at dusk, Slack water and Hull white; they meet ${Math.round(width / 4)} mm and ${Math.round(width / 2)} mm from the left edge`
		);
	});

	it('every pattern has a sentence that ends', () => {
		for (const starter of ZONE_STARTERS) {
			const { project, id } = addZone(chest, ['estuary', 'slack-water', 'hull-white'], starter);
			const zone = project.layout.zones.find((one) => one.id === id)!;
			const said = wordZone(project, planProject(project), zone, 'drawer-1');
			expect(said, starter.id).toMatch(/^[A-Z].*: .*\.$/);
			expect(said).not.toMatch(/undefined|NaN/);
		}
	});
});

describe('a motif larger than the page', () => {
	const big: Motif = { ...flag, width: 640, height: 500, paths: [{ d: 'M0 0H640V500H0Z M40 40H600V460H40Z', rule: 'evenodd' }] };
	const { project } = addArrangement({
		project: { ...chest, layout: { ...chest.layout, motifs: [], arrangements: [] }, finish: { ...chest.finish, coats: [] } },
		motif: big,
		kind: 'single'
	});
	const whole = {
		...project,
		layout: {
			...project.layout,
			arrangements: project.layout.arrangements.map((one) => ({ ...one, scale: 1, parts: ['front'] }) as typeof one)
		}
	};
	const tiles = pagesOf(whole).filter(({ title }) => title.startsWith('Flag'));

	it('is clipped to its tiles, which hold all of it, with a key and crosses that meet', () => {
		expect(tiles.length).toBeGreaterThan(5);
		const areaOf = (page: Page) =>
			Math.abs(
				page.items
					.flatMap((item) => (item.kind === 'rings' && item.name === 'motif' ? item.rings : []))
					.reduce((sum, ring) => {
						let twice = 0;
						for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) twice += ring[j]! * ring[i + 1]! - ring[i]! * ring[j + 1]!;
						return sum + twice / 2;
					}, 0)
			);
		/** What two tiles have in common is on both: all of them hold more than the motif, by no more than the overlaps. */
		const inTiles = tiles.reduce((sum, page) => sum + areaOf(page), 0);
		const motif = 640 * 500 - 560 * 420;
		expect(inTiles).toBeGreaterThan(motif);
		expect(inTiles).toBeLessThan(motif * 1.15);
		for (const page of tiles) {
			expect(page.items.filter((item) => item.kind === 'rect' && item.name === 'key-here')).toHaveLength(1);
			for (const item of page.items)
				if (item.kind === 'rings')
					for (const ring of item.rings) expect(Math.max(...ring)).toBeLessThanOrEqual(Math.max(page.width, page.height) - PAGE_MARGIN);
		}
		const crosses = (page: Page) =>
			page.items.filter((item) => item.kind === 'line' && item.ink === 'ember' && item.weight === 0.2) as Extract<
				PageItem,
				{ kind: 'line' }
			>[];
		const [first, second] = tiles as unknown as [Page, Page];
		/** The right line of the first tile is the left line of the second: 5 mm in from both edges, at the same heights. */
		const level = (page: Page) => [
			...new Set(
				crosses(page)
					.filter(({ y1, y2 }) => y1 === y2)
					.map(({ y1 }) => y1)
			)
		];
		expect(level(first)).toEqual(expect.arrayContaining(level(second).filter((y) => level(first).includes(y))));
		expect(level(first).filter((y) => level(second).includes(y)).length).toBeGreaterThanOrEqual(2);
	});
});

it('drawers that are alike in every figure share a page; one that differs by a motif has its own', () => {
	const equal: Project = {
		...chest,
		piece: { ...chest.piece, faces: chest.piece.faces.map((face, i) => (i === 0 ? { ...face, sizes: { rule: 'equal' as const } } : face)) }
	};
	const frontsOf = (project: Project) =>
		describeSheets(project, planProject(project), 'a4')
			.map(({ title }) => title)
			.filter((title) => /drawer/i.test(title));
	expect(frontsOf(equal)).toEqual(['every drawer: all 4 alike']);
	const [reeds] = equal.layout.arrangements as [Extract<Project['layout']['arrangements'][number], { kind: 'run' }>];
	const other = { ...reeds, leftOut: [{ part: 'drawer-3', place: '0' }] };
	const one: Project = { ...equal, layout: { ...equal.layout, arrangements: [other, ...equal.layout.arrangements.slice(1)] } };
	expect(frontsOf(one)).toEqual(['Drawer 1, Drawer 2, Drawer 4: all 3 alike', 'Drawer 3']);
});

it('breaks text at spaces, loses no word, and never leaves a line too wide', () => {
	const text = 'From the top Hull white and Slack water; they meet 50 mm from the top edge of this part.';
	const lines = wrapText(text, 60, 3);
	expect(lines.join(' ')).toBe(text);
	expect(lines.length).toBeGreaterThan(1);
	for (const line of lines) expect(line.length * 3 * 0.5).toBeLessThanOrEqual(60);
});

it('holds a figure together: whole inches with their fraction, a number with its unit', () => {
	for (let width = 14; width < 60; width++) {
		const lines = wrapText('Lay it 6 13/16 in from the left, wait 45 min, take 400 ml of it and 3 coats at 20 °C or less.', width, 3);
		expect(
			lines.filter((line) => /\d$/.test(line) || /^(\d+\/\d+|in|min|ml|coats|°C)\b/.test(line)),
			`${width}`
		).toEqual([]);
		expect(lines.join(' ')).toContain('6 13/16 in from');
	}
});

it('tells in the order what to wait for and what can hurt, and buys what the jars lack', () => {
	const pages = pagesOf(chest);
	const said = (title: string) =>
		pages
			.filter((page) => page.title.startsWith(title))
			.flatMap(textsOf)
			.map(({ text }) => text);
	const order = said('The order of the coats');
	expect(order.filter((text) => /^\d+\. /.test(text)).map((text) => text.split(/[.:]/)[1]!.trim())).toEqual(
		planProject(chest).order.map(({ title }) => title)
	);
	expect(order.some((text) => text.startsWith('! Dust: a mask'))).toBe(true);
	expect(order).toContain('wait 2 h 55 min first');
	/** Two of one paint are told apart by how thick they are laid; a plain one says nothing. */
	const coats = chest.finish.coats.map((coat) => (coat.kind === 'base' ? { ...coat, thickness: 0.5 } : coat));
	const thin = { ...chest, finish: { ...chest.finish, coats } };
	const base = planProject(thin).order.find(({ kind }) => kind === 'base')!;
	const thinly = pagesOf(thin)
		.flatMap(textsOf)
		.map(({ text }) => text)
		.join(' ');
	expect(thinly).toContain(`thin: ${Math.round(base.film / base.times)} µm each`);
	expect(order.join(' ')).not.toContain('µm');
	const shopping = said('To buy');
	const estuary = planProject(chest).quantities.jars.find(({ colour }) => colour === 'estuary')!;
	expect(shopping).toContain(`buy ${estuary.toBuy} of 250 ml`);
});

it('the tape page tells every edge from the edge of its part, the order of laying and the metres', () => {
	const taped = addArrangement({ project: newSized(900, 300), motif: null, kind: 'stripes', fronts: ['front'] }).project;
	const project = {
		...taped,
		layout: {
			...taped.layout,
			arrangements: taped.layout.arrangements.map((one) => ({ ...one, widths: [36], gap: 36, middle: 'stripe' }) as Arrangement)
		}
	};
	const said = pagesOf(project)
		.filter(({ title }) => title === 'Tape')
		.flatMap(textsOf)
		.map(({ text }) => text)
		.join(' ');
	/** The worked example: 900 across, tape of 36, 25 bands and nothing left. Of them 12 are masks and 13 spacers, each 300 long and 60 more. */
	expect(said).toContain('Edges of paint, from its left edge; tapes run upright: 36 mm · 72 mm · 108 mm');
	expect(said).toContain(
		'Lay, in this order: 1. spacer 432 mm to 468 mm (36 mm); 2. mask 396 mm to 432 mm (36 mm); 3. mask 468 mm to 504 mm (36 mm)'
	);
	expect(said).toContain('9.0 m of 36 mm');
});

/** A bare board of a size. */
function newSized(width: number, height: number): Project {
	const begun = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' });
	const faces = begun.piece.faces.map((face) => ({
		...face,
		id: 'front',
		outline: { shape: 'rectangle' as const },
		width: String(width),
		height: String(height),
		parts: [],
		chain: []
	}));
	return { ...begun, piece: { ...begun.piece, faces, seams: [] } };
}

describe('raised work in print, read figure by figure', () => {
	const texts = (pages: readonly Page[], title: string) =>
		pages
			.filter((page) => page.title.startsWith(title))
			.flatMap(textsOf)
			.map(({ text }) => text);
	const joined = (lines: readonly string[]) => lines.join(' ').replace(/\s+/g, ' ');
	const raised = DEMOS.map(load).map((project) => ({ project, plan: planProject(project) }));

	it('each lay has its number, its part, its mark from the left and from the top, its turn, which numbers it fills, how many it masks', () => {
		let read = 0;
		for (const { project, plan } of raised) {
			const lines = joined(texts(describeSheets(project, plan, 'a4'), 'Lays')).split(/(?=\b\d+\. )/);
			for (const { lays } of plan.lays)
				for (const { number, part, mark, turn, items, masked } of lays) {
					const write = (mm: number) => formatLength(mm, project.units).text;
					const degrees = (Math.round(turn * 10) / 10 + 360) % 360;
					const where = `its top left mark ${write(mark.left)} from the left, ${write(mark.top)} from the top`;
					const begins = `${number}. ${nameSurface(plan, part)}: ${where}${degrees === 0 ? '' : `, turned ${degrees} degrees clockwise`}; fills `;
					const line = lines.find((one) => one.startsWith(begins));
					expect(line, begins).toBeDefined();
					expect(line!.includes(`${masked} masked`)).toBe(masked > 0);
					const filled = String(Number.parseInt(line!.slice(begins.length), 10));
					expect(filled).toBe(String(plan.items.find(({ key }) => key === items[0])!.number));
					read++;
				}
		}
		expect(read).toBeGreaterThan(10);
	});

	it('each mould has how many, its dry size with the width first, its height and its weight; cuts have their numbers', () => {
		const mould = { height: 7, shrinkage: 0.1 };
		const oblong: Motif = {
			id: 'oblong',
			name: 'Oblong',
			width: 90,
			height: 30,
			paths: [{ d: 'M0 0h90v30h-90z', rule: 'nonzero' }],
			mould
		};
		const { start } = ARRANGEMENTS.run;
		const run = {
			...start({ id: 'row', name: 'Row', motif: oblong, parts: 'drawers', shortest: 100, scale: 1, round: Math.round }),
			scale: { least: 1, wish: 1, most: 1 }
		};
		const film = { wait: null, material: 'air-dry-clay', times: 1, thickness: 1, applicator: 'brush' } as const;
		const cast = { kind: 'cast', id: 'cast', ...film, arrangement: 'row', colour: null, lies: 'flat' } as const;
		const project: Project = {
			...chest,
			layout: { ...chest.layout, motifs: [...chest.layout.motifs, oblong], arrangements: [...chest.layout.arrangements, run] },
			finish: { ...chest.finish, coats: [...chest.finish.coats, cast] }
		};
		const plan = planProject(project);
		const own = plan.items.filter(({ arrangement }) => arrangement === 'row');
		const said = joined(texts(describeSheets(project, plan, 'a4'), 'Castings'));
		expect(own.length).toBeGreaterThan(3);
		/** 90 by 30 less a tenth: 81 by 27. */
		expect(said).toContain(`${own.length} of Oblong: 81 mm by 27 mm when dry, 7 mm high`);
		expect(said).toContain(`${own.length} casts:`);
		/** As ornaments they have their own size, and none is pressed. */
		const wood = { ...project, finish: { ...project.finish, coats: [...chest.finish.coats, { ...cast, material: 'wood-applique' }] } };
		const bought = joined(texts(describeSheets(wood, planProject(wood), 'a4'), 'Castings'));
		expect(bought).toContain(`${own.length} of Oblong: 90 mm by 30 mm, 7 mm high`);
		expect(bought).toContain(`${own.length} ornaments: ${formatWork(own.length)} at the bench`);
	});
});
