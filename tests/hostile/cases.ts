import { readFileSync } from 'node:fs';

/** What somebody may send to a workshop who means it no good, or whose program is broken. `{piece}` stands for a piece that is there. */
export interface HostileCase {
	readonly name: string;
	readonly method: string;
	readonly path: string;
	readonly headers?: Readonly<Record<string, string>>;
	/** Made when it is sent: some are large. */
	readonly body?: () => string | Uint8Array<ArrayBuffer>;
	/** Made a piece of first; `{own}` in the path stands for it. */
	readonly own?: () => unknown;
	/** What it must meet: it is `refused` for what it is, or it is `read` and then worked out or too much for that. A case that never came so far tests nothing. */
	readonly door?: 'refused' | 'read';
}

/** Whether an answer is of the door that a case must meet. */
export function metDoor(door: HostileCase['door'], status: number, said: string): boolean {
	/** Read, planned, and faulty as a plan says: nothing to print. */
	if (door === 'read' && status === 409 && said.includes('"message"')) return true;
	const wasStopped = /"code":"pool\./.test(said);
	if (door === 'read') return status < 300 || wasStopped || status === 503;
	return door === undefined || (status >= 400 && status < 500 && !wasStopped);
}

const demo = JSON.parse(readFileSync('tests/fixtures/reed-chest.json', 'utf8')) as Json;
/** A document that is spoilt in any place. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
type Json = Record<string, any>;
const JSON_TYPE = { 'content-type': 'application/json' };
const copy = (): Json => structuredClone(demo);
const repeat = (text: string, times: number) => text.repeat(times);
const bytes = (...values: number[]) => Uint8Array.from(values);

/** Texts that are no document, whoever is asked to take them. */
const TEXTS: readonly [string, () => string | Uint8Array<ArrayBuffer>][] = [
	['nothing', () => ''],
	['an open brace', () => '{'],
	['null', () => 'null'],
	['a list', () => '[]'],
	['a number past all', () => '1e999999'],
	['a text', () => '"reeds"'],
	['an empty object', () => '{}'],
	['bytes that are no text', () => bytes(0xff, 0xfe, 0x00, 0xd8, 0x80)],
	['NUL bytes', () => new Uint8Array(4096)],
	['100 k spaces', () => repeat(' ', 100_000)],
	['lists 100 k deep', () => repeat('[', 100_000) + repeat(']', 100_000)],
	['objects 50 k deep', () => repeat('{"a":', 50_000) + '1' + repeat('}', 50_000)],
	['an open list 200 k deep', () => repeat('[', 200_000)],
	[
		'100 k keys that nobody knows',
		() => `{"format":"ember-ribbon/project",${Array.from({ length: 100_000 }, (_, i) => `"k${i}":0`).join()}}`
	],
	['one key of a million signs', () => `{"${repeat('k', 1_000_000)}":1}`],
	['a text of eight million signs', () => JSON.stringify({ format: repeat('x', 8_000_000) })],
	['ten million digits', () => repeat('9', 10_000_000)],
	['66 MB', () => new Uint8Array(66_000_000)],
	['half a million numbers', () => JSON.stringify(Array.from({ length: 500_000 }, (_, i) => i))],
	['a prototype', () => '{"__proto__":{"format":"ember-ribbon/project"},"constructor":{"prototype":{}}}']
];

const DOORS: readonly [name: string, method: string, path: string, headers: Readonly<Record<string, string>>][] = [
	['plan', 'POST', '/api/plan', JSON_TYPE],
	['a piece', 'POST', '/api/pieces', JSON_TYPE],
	['a save', 'PUT', '/api/pieces/{piece}', JSON_TYPE],
	['a motif', 'POST', '/api/motifs', JSON_TYPE],
	['an svg', 'POST', '/api/motifs?name=x.svg', { 'content-type': 'image/svg+xml' }],
	['a colour', 'POST', '/api/colours', JSON_TYPE],
	['a picture', 'POST', '/api/pictures', { 'content-type': 'image/jpeg' }],
	['a piece without a type', 'POST', '/api/pieces', { 'content-type': '' }],
	['the workshop', 'PUT', '/api/workshop', JSON_TYPE],
	['a step of the workshop', 'POST', '/api/workshop/back', JSON_TYPE]
];

function texts(): HostileCase[] {
	return DOORS.flatMap(([door, method, path, headers]) =>
		TEXTS.map(([what, body]) => ({ name: `${door}: ${what}`, method, path, headers, body, door: 'refused' as const }))
	);
}

/** Addresses that name nothing. */
function addresses(): HostileCase[] {
	const ids = [
		'%00',
		'%ff',
		'a%00b',
		'..%2f..%2fetc',
		repeat('a', 4000),
		'%F0%9F%A6%80',
		"'; DROP TABLE pieces; --",
		'00000000-0000-0000-0000-000000000000',
		'-1'
	];
	const places: readonly (readonly [method: string, path: string])[] = [
		['GET', '/api/pieces/ID'],
		['DELETE', '/api/pieces/ID'],
		['POST', '/api/pieces/ID/back'],
		['POST', '/api/pieces/ID/copy'],
		['GET', '/api/pieces/ID/card'],
		['GET', '/api/pieces/ID/revisions'],
		['GET', '/pieces/ID/layout'],
		['GET', '/pieces/ID/file'],
		['GET', '/pieces/ID/sheets/pdf'],
		['GET', '/pieces/ID/drawing/front.svg'],
		['GET', '/pieces/ID/cut/reed.svg'],
		['GET', '/api/pictures/ID'],
		['POST', '/api/copies/ID'],
		['DELETE', '/api/copies/ID'],
		['POST', '/api/copies/ID/back'],
		['POST', '/api/workshop/ID']
	];
	const odd = [
		'/pieces/{piece}/drawing/%00.svg',
		'/pieces/{piece}/drawing/front.exe',
		`/pieces/{piece}/drawing/${repeat('x', 3000)}.dxf`,
		'/pieces/{piece}/cut/reed.svg?scale=NaN',
		'/pieces/{piece}/cut/reed.svg?scale=1e309',
		'/pieces/{piece}/cut/reed.svg?scale=-1',
		'/pieces/{piece}/cut/%00.dxf',
		'/pieces/{piece}/sheets/pdf?paper=%00&of=%00',
		'/pieces/{piece}/sheets/pdf?of=..%2f..%2fdrawing',
		`/pieces/{piece}/sheets/pdf?paper=${repeat('a', 3000)}`,
		...['', 'x', '-1', '0', '2147483648', '9007199254740993', '1e99', 'NaN', '%00'].flatMap((at) => [
			`/api/pieces/{piece}/revisions?before=${at}`,
			`/api/pieces/{piece}/revisions?after=${at}`
		])
	];
	return [
		...places.flatMap(([method, place]) => ids.map((id) => [method, place.replace('ID', encodeURI(decodable(id)))] as const)),
		...odd.map((path) => ['GET', path] as const)
	].map(([method, path]) => ({ name: `${method} at ${path.slice(0, 60)}`, method, path }));
}

/** What is escaped already stays. */
function decodable(id: string): string {
	return id.replace(/%(?![0-9a-f]{2})/gi, '%25').replace(/[' ;]/g, '_');
}

/** Saves that are none. */
function saves(): HostileCase[] {
	const doc = () => demo;
	const bodies: [string, () => Json, HostileCase['door']?][] = [
		['a version past 32 bits', () => ({ version: 2 ** 31, document: doc() })],
		['a version past all', () => ({ version: 2 ** 53, document: doc() })],
		['version -1', () => ({ version: -1, document: doc() })],
		['half a version', () => ({ version: 1.5, document: doc() })],
		['a place past 32 bits', () => ({ version: 1, document: doc(), steps: { keep: 2 ** 31 - 1, add: [null], place: 2 ** 31 } })],
		['keep past 32 bits', () => ({ version: 1, document: doc(), steps: { keep: 2 ** 40, add: [], place: 1 } })],
		['steps that count on what is not there', () => ({ version: 1, document: doc(), steps: { keep: 900, add: [], place: 900 } })],
		['a place before all there is', () => ({ version: 1, document: doc(), steps: { keep: 1, add: [null], place: 0 } })],
		[
			'nulls, four hundred',
			() => ({ version: 1, document: large(), steps: { keep: 1, add: Array.from({ length: 400 }, () => null), place: 401 } })
		],
		[
			'nulls of a large piece, sixty',
			() => ({ version: 1, document: large(), steps: { keep: 1, add: Array.from({ length: 60 }, () => null), place: 61 } })
		],
		['a document too deep', () => ({ version: 1, document: { ...doc(), more: nested(600) } })],
		['steps that are no pieces', () => ({ version: 1, document: doc(), steps: { keep: 1, add: [1, 'x', {}, []], place: 5 } }), 'read'],
		['400 steps', () => ({ version: 1, document: doc(), steps: { keep: 1, add: Array.from({ length: 400 }, () => doc()), place: 401 } })],
		['a document that is a text', () => ({ version: 1, document: JSON.stringify(doc()) })]
	];
	return bodies.map(([name, body, door = 'refused']) => ({
		name: `a save: ${name}`,
		method: 'PUT',
		path: '/api/pieces/{own}',
		own: doc,
		headers: JSON_TYPE,
		body: () => JSON.stringify(body()),
		door
	}));
}

const nested = (levels: number): unknown => Array.from({ length: levels }).reduce<unknown>((inner) => [inner], 'last');
/** Some 0.9 MB, and sound. */
function large(): Json {
	const piece = copy();
	const [motif] = piece['layout'].motifs;
	const paths = [{ d: `M0 0${repeat('L1 1', 24_000)}Z`, rule: 'nonzero' }];
	piece['layout'].motifs.push(...Array.from({ length: 9 }, (_, i) => ({ ...motif, id: `large-${i}`, paths })));
	return piece;
}

/** Pieces that are read, or nearly, and are too much to be worked out. */
const EXPLODING: readonly [string, () => Json, HostileCase['door']?][] = [
	['an empty sign in a name', () => withName('Hall\u0000chest'), 'refused'],
	['half an emoji in a name', () => withName(`Hall ${'🦀'.slice(0, 1)}`), 'refused'],
	['emoji to the end of a name', () => withName(repeat('🦀', 40))],
	['writing from right to left and marks on marks', () => withName(`\u202e${repeat('\u0301', 70)}`)],
	['mixes of mixes, eight layers', () => ({ ...copy(), palette: [...demo['palette'], ...layers(7, 8)] })],
	[
		'a mix of itself',
		() => ({
			...copy(),
			palette: [...demo['palette'], { id: 'loop', name: 'Loop', hex: '#112233', opacity: 0.9, mix: [{ colour: 'loop', parts: 1 }] }]
		}),
		'refused'
	],
	['paint that is open for no time', () => withMaterial({ open: 1e-9 })],
	['paint that covers next to nothing', () => withMaterial({ coverage: 0.1, open: 0.001 })],
	['a motif of a hundred thousand points', () => withMotif(star(20_000))],
	[
		'a motif of five hundred paths that cross',
		() => withMotifPaths(Array.from({ length: 500 }, (_, i) => ({ d: star(40, i / 9), rule: 'evenodd' })))
	],
	['a motif of no size', () => withMotif('M0 0L0 0L0 0Z')],
	['a motif of endless figures', () => withMotif('M1e308 -1e308L-1e308 1e308L1e400 0Z')],
	['a path that is none', () => withMotif('M0 0 Q q q q')],
	[
		'a row of the least motifs',
		() => withArrangement({ scale: { least: 0.05, most: 0.05, wish: 0.05 }, gap: { least: -3, most: -3, wish: null }, margin: 0 })
	],
	[
		'a row whose limits are crossed',
		() => withArrangement({ scale: { least: 20, most: 0.05, wish: 1 }, gap: { least: 9000, most: -999, wish: null } })
	],
	['a field of dust', () => withGrid(0.05, -1)],
	['fifty fields', () => many(50, (i) => ({ ...gridOf(0.05, 1), id: `g${i}` }))],
	['fifty rows', () => many(50, (i) => ({ ...rowOf({}), id: `r${i}` }))],
	[
		'a scatter of all it may have',
		() =>
			many(1, () => ({
				kind: 'scatter',
				id: 's',
				name: 'S',
				motif: demo['layout'].motifs[0].id,
				parts: 'drawers',
				count: 400,
				scale: { least: 0.05, most: 0.1 },
				turn: 180,
				clear: 0,
				mirrored: true,
				seed: 7,
				picks: {},
				leftOut: []
			}))
	],
	['fifty zones', () => withZones(50)],
	['twenty-four faces of sixty-four readings', () => withFaces(24, 64)],
	['rows in rows, thirty deep', () => withDeepRows(30)],
	['rows in rows, seven hundred deep', () => withDeepRows(700), 'refused'],
	['an arch as flat as can be said', () => withShape({ shape: 'bow', side: 'top', way: 'out', depth: '0.000000001' })],
	['a wave of nothing', () => withShape({ shape: 'wave', side: 'left', depth: '0.0000001', waves: 9 })],
	['a street that is an arch of a hair', () => withShape({ shape: 'bow', side: 'top', way: 'out', depth: '0.0001' }, '99999', '99999')],
	['levels that nobody could give back', () => ({ ...copy(), more: nested(600) }), 'refused'],
	['sixty-four parts, each on the one before', () => withParts(64, (i) => (i === 0 ? 'front' : `p${i - 1}`))],
	['a part on itself', () => withParts(1, () => 'p0'), 'refused'],
	['sixty-four fittings on every front', () => withFittings(64)],
	['a hundred coats, nine times each', () => withCoats(100)],
	[
		'an outline of sixty points that cross',
		() => withOutline(Array.from({ length: 60 }, (_, i) => ({ x: String((i * 37) % 860), y: String((i * 91) % 940), out: '', in: '' })))
	],
	[
		'an outline that swells past itself',
		() => withOutline(Array.from({ length: 20 }, (_, i) => ({ x: String(i * 40), y: String((i % 2) * 900), out: '99999', in: '' })))
	],
	['lengths of forty spaces', () => withSize(`5${repeat(' ', 38)}x`, '9')],
	['a front as long as a street', () => withSize('99999', '0.1')],
	['a front of endless length', () => withSize(1e308, -1e308)],
	['lengths that are no numbers', () => withSize('Infinity', 'NaN')],
	['a version of the future', () => ({ ...copy(), version: 1e9 }), 'refused'],
	['a version that is a text', () => ({ ...copy(), version: '6' }), 'refused'],
	['version 1 of before, with nothing in it', () => ({ format: demo['format'], version: 1 }), 'refused'],
	[
		'two hundred rules overruled',
		() => ({
			...copy(),
			finish: { ...demo['finish'], decisions: Array.from({ length: 200 }, () => ({ rule: 'x', coat: 'y', choice: 'z' })) }
		})
	]
];

function exploding(): HostileCase[] {
	const doors = [
		['plan', 'POST', '/api/plan'],
		['a piece', 'POST', '/api/pieces']
	] as const;
	const sent = doors.flatMap(([name, method, path]) =>
		EXPLODING.map(([what, value, door = 'read']): HostileCase => ({
			name: `${name}: ${what}`,
			method,
			path,
			headers: JSON_TYPE,
			body: () => JSON.stringify(value()),
			/** A plan of what is read may find faults in it. */
			door
		}))
	);
	const kept = EXPLODING.filter(([, , door]) => door === undefined);
	const PAGES = [
		'/pieces/{own}/layout',
		'/pieces/{own}/measure',
		'/pieces/{own}/sheets',
		'/pieces/{own}/layout/__data.json',
		'/api/pieces/{own}',
		'/pieces/{own}/file'
	];
	return [
		...sent,
		/** Each page once with each piece that is taken, one after another. */
		...kept.flatMap(([what, own], i) =>
			[PAGES[i % PAGES.length]!, PAGES[(i + 1) % PAGES.length]!].map((path): HostileCase => ({
				name: `${path} of ${what}`,
				method: 'GET',
				path,
				own,
				door: 'read'
			}))
		),
		/** What is drawn of the two that take the longest, and of one that may not be read. */
		...kept
			.filter(([what]) => /five hundred paths|fifty fields/.test(what))
			.flatMap(([what, own]) =>
				['/pieces/{own}/sheets/pdf', '/pieces/{own}/drawing/front.svg'].map((path): HostileCase => ({
					name: `${path} of ${what}`,
					method: 'GET',
					path,
					own,
					door: 'read'
				}))
			)
	];
}

function withShape(outline: Json, width?: string, height?: string): Json {
	const piece = copy();
	Object.assign(piece['piece'].faces[0], { outline }, width ? { width, height } : {});
	return piece;
}

function withName(name: string): Json {
	const piece = copy();
	piece['piece'].name = name;
	return piece;
}
function layers(wide: number, high: number): Json[] {
	return Array.from({ length: wide * high }, (_, i) => ({
		id: `l${i}`,
		name: `L${i}`,
		hex: '#336699',
		opacity: 0.9,
		...(i < wide ? {} : { mix: Array.from({ length: wide }, (__, k) => ({ colour: `l${i - (i % wide) - wide + k}`, parts: 1 + k })) })
	}));
}
function withMaterial(more: Json): Json {
	const piece = copy();
	const own = {
		id: 'chalk-paint',
		name: 'Odd paint',
		kind: 'paint',
		carrier: 'water',
		coverage: 10,
		film: 50,
		touchDry: 30,
		recoat: 60,
		open: 8,
		cureDays: 21,
		sheen: 0,
		porous: true,
		tint: null,
		protect: 'no',
		dark: false,
		ready: 'Dry.',
		cautions: [],
		...more
	};
	piece['materials'] = [own];
	return piece;
}
/** A star whose lines all cross one another. */
function star(points: number, turn = 0): string {
	return `M${Array.from({ length: points }, (_, i) => {
		const at = turn + (i * Math.PI * 2 * (points / 2 - 0.5)) / points;
		return `${(30 + 29 * Math.cos(at)).toFixed(2)} ${(30 + 29 * Math.sin(at)).toFixed(2)}`;
	}).join('L')}Z`.slice(0, 99_990);
}
function withMotif(d: string): Json {
	return withMotifPaths([{ d, rule: 'nonzero' }]);
}
function withMotifPaths(paths: Json[]): Json {
	const piece = copy();
	piece['layout'].motifs[0].paths = paths;
	return piece;
}
function rowOf(more: Json): Json {
	return { ...demo['layout'].arrangements.find((one: Json) => one['kind'] === 'run'), ...more };
}
function withArrangement(more: Json): Json {
	return many(1, () => rowOf(more));
}
function gridOf(scale: number, gap: number): Json {
	const { id } = demo['layout'].motifs[0];
	return {
		kind: 'grid',
		id: 'g',
		name: 'G',
		motif: id,
		parts: 'drawers',
		shift: 'square',
		scale,
		gap: { across: gap, down: gap },
		middle: 'motif',
		offset: { x: 0, y: 0 },
		edge: 'cut',
		leftOut: []
	};
}
function withGrid(scale: number, gap: number): Json {
	return many(1, () => gridOf(scale, gap));
}
function many(count: number, make: (i: number) => Json): Json {
	const piece = copy();
	piece['layout'].arrangements = Array.from({ length: count }, (_, i) => make(i));
	piece['finish'].coats = piece['finish'].coats.filter((coat: Json) => !('arrangement' in coat) && !('through' in coat));
	return piece;
}
function withZones(count: number): Json {
	const piece = copy();
	const [zone] = piece['layout'].zones;
	piece['layout'].zones = [zone, ...Array.from({ length: count - 1 }, (_, i) => ({ ...zone, id: `z${i}` }))];
	return piece;
}
function withFaces(count: number, readings: number): Json {
	const piece = copy();
	const [face] = piece['piece'].faces;
	const chain = Array.from({ length: readings }, (_, i) => ({ id: `d${i}`, role: i % 2 ? 'gap' : 'drawer', reading: '20' }));
	piece['piece'].faces = Array.from({ length: count }, (_, i) => ({
		...face,
		id: `f${i}`,
		name: `F${i}`,
		chain,
		exceptions: {},
		fittings: [],
		parts: []
	}));
	piece['piece'].seams = [];
	return piece;
}
function withDeepRows(deep: number): Json {
	const piece = copy();
	let chain: Json[] = [{ id: 'last', role: 'drawer', reading: '9' }];
	for (let i = 0; i < deep; i++)
		chain = [{ id: `row${i}`, role: 'row', reading: '9', split: { along: i % 2 ? 'down' : 'across', sizes: { rule: 'equal' }, chain } }];
	piece['piece'].faces[0].chain = chain;
	return piece;
}
function withParts(count: number, on: (i: number) => string): Json {
	const piece = copy();
	const place = { rule: 'inset', left: '1', top: '1', right: '1', bottom: '1' };
	piece['piece'].faces[0].parts = Array.from({ length: count }, (_, i) => ({
		id: `p${i}`,
		name: `P${i}`,
		role: 'panel',
		on: on(i),
		place,
		outline: { shape: 'rectangle' },
		setOff: { way: 'level', by: '' }
	}));
	return piece;
}
function withFittings(count: number): Json {
	const piece = copy();
	const hardware = {
		kind: 'keyhole',
		across: { rule: 'middle' },
		down: { rule: 'middle' },
		holes: { old: 'keep' },
		room: 'clear',
		width: '8',
		height: '20'
	};
	piece['piece'].faces[0].fittings = Array.from({ length: count }, (_, i) => ({
		id: `k${i}`,
		on: 'drawers',
		hardware: { ...hardware, down: { rule: 'top', distance: String(i) } }
	}));
	return piece;
}
function withCoats(count: number): Json {
	const piece = copy();
	const base = piece['finish'].coats.find((coat: Json) => coat['kind'] === 'base');
	piece['finish'].coats = Array.from({ length: count }, (_, i) => ({ ...base, id: `b${i}`, times: 9, thickness: 4 }));
	return piece;
}
function withOutline(points: Json[]): Json {
	const piece = copy();
	piece['piece'].faces[0].outline = { shape: 'free', points };
	return piece;
}
function withSize(width: string | number, height: string | number): Json {
	const piece = copy();
	Object.assign(piece['piece'].faces[0], { width, height });
	return piece;
}

const SVG = (inner: string, more = '') => `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 60" ${more}>${inner}</svg>`;
const DRAWINGS: readonly [string, () => string][] = [
	[
		'entities that grow',
		() =>
			`<!DOCTYPE svg [<!ENTITY a "${repeat('x', 999)}">${Array.from({ length: 9 }, (_, i) => `<!ENTITY b${i} "${repeat(i === 0 ? '&a;' : `&b${i - 1};`, 20)}">`).join('')}]>${SVG('<text>&b8;</text>')}`
	],
	['a reference outside', () => SVG('<image href="http://127.0.0.1:1/x.png" width="9" height="9"/><use href="file:///etc/passwd#x"/>')],
	['an entity outside', () => `<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]>${SVG('<path d="M0 0H9V9Z"/>&x;')}`],
	['groups 100 k deep', () => SVG(repeat('<g>', 100_000) + '<path d="M0 0H9V9Z"/>' + repeat('</g>', 100_000))],
	['groups 100 k deep and never closed', () => `<svg xmlns="http://www.w3.org/2000/svg">${repeat('<g>', 100_000)}`],
	[
		'uses of uses of uses',
		() =>
			SVG(
				Array.from(
					{ length: 20 },
					(_, i) => `<g id="u${i}">${i === 0 ? '<path d="M0 0H9V9Z"/>' : repeat(`<use href="#u${i - 1}"/>`, 9)}</g>`
				).join('') + '<use href="#u19"/>'
			)
	],
	['a use of itself', () => SVG('<g id="a"><use href="#a"/></g>')],
	['a million points', () => SVG(`<path d="M0 0${Array.from({ length: 1_000_000 }, (_, i) => `L${i % 60} ${(i * 7) % 60}`).join('')}Z"/>`)],
	['a hundred thousand circles', () => SVG(repeat('<circle cx="9" cy="9" r="3"/>', 100_000))],
	['figures that are none', () => SVG('<path d="MNaN NaNLInfinity 0Z"/><circle cx="a" cy="" r="1e999"/>')],
	['a line a world wide', () => SVG('<path d="M0 0L50 50" fill="none" stroke="#000" stroke-width="1e12"/>')],
	['a window of no size', () => '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 0 0"><path d="M0 0H9V9Z"/></svg>'],
	[
		'a window of endless size',
		() => '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1e308 1e308" width="1e308mm"><path d="M0 0H9V9Z"/></svg>'
	],
	['transforms on transforms', () => SVG(`<g transform="${repeat('scale(1e3) ', 2000)}"><path d="M0 0H9V9Z"/></g>`)],
	['a style of a million signs', () => SVG(`<path d="M0 0H9V9Z" style="${repeat('fill:red;', 110_000)}"/>`)],
	['arcs of nothing', () => SVG(`<path d="M0 0${repeat('A0 0 0 0 0 9 9A1e-9 1e9 0 1 1 0 0', 20_000)}Z"/>`)],
	['tags that are not closed', () => '<svg><path d="M0 0'],
	['a comment without an end', () => `${SVG('<path d="M0 0H9V9Z"/>')}<!-- ${repeat('-', 1_000_000)}`],
	['an empty sign', () => SVG('<path id="a\u0000b" d="M0 0H9V9Z"/>')],
	['stars in stars', () => SVG(Array.from({ length: 60 }, (_, i) => `<path fill-rule="evenodd" d="${star(1500, i / 7)}"/>`).join(''))]
];

function drawings(): HostileCase[] {
	const names = ['x.svg', '%00', repeat('n', 3000), '%F0%9F%A6%80.svg'];
	return [
		...DRAWINGS.map(([what, body]) => ({
			name: `an svg: ${what}`,
			method: 'POST',
			path: '/api/motifs?name=x.svg',
			headers: { 'content-type': 'image/svg+xml' },
			body
		})),
		...names.map((name) => ({
			name: `an svg called ${name.slice(0, 12)}`,
			method: 'POST',
			path: `/api/motifs?name=${name}`,
			body: () => SVG('<path d="M0 0H9V9Z"/>')
		}))
	];
}

/** A PNG that says it is so large, and holds nothing. */
function pngOf(width: number, height: number): Uint8Array<ArrayBuffer> {
	const head = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52];
	const int = (value: number) => [(value >>> 24) & 255, (value >>> 16) & 255, (value >>> 8) & 255, value & 255];
	return bytes(...head, ...int(width), ...int(height), 8, 2, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0x49, 0x45, 0x4e, 0x44, 0, 0, 0, 0);
}
const PICTURES: readonly [string, () => Uint8Array<ArrayBuffer>][] = [
	[
		'a drawing of eighteen megabytes',
		() => new TextEncoder().encode(SVG(repeat('<circle cx="9" cy="9" r="3" filter="url(#a)"/>', 350_000)))
	],
	['a drawing after the first bytes of a photograph', () => new TextEncoder().encode(`\u00ff${SVG(repeat('<rect/>', 9))}`)],
	['a strip of forty million pixels', () => pngOf(1, 39_990_000)],
	['a strip the other way', () => pngOf(39_990_000, 1)],
	['four thousand million pixels', () => pngOf(65_535, 65_535)],
	['as large as can be said', () => pngOf(0x7fffffff, 0x7fffffff)],
	['of no size', () => pngOf(0, 0)],
	['broken off', () => pngOf(4000, 4000).slice(0, 20)],
	['the first bytes of a photograph alone', () => bytes(0xff, 0xd8, 0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46)],
	['zeros', () => new Uint8Array(39_000_000)],
	['more than is taken', () => new Uint8Array(41_000_000)]
];
function pictures(): HostileCase[] {
	return PICTURES.map(([what, body]) => ({
		name: `a picture: ${what}`,
		method: 'POST',
		path: '/api/pictures',
		headers: { 'content-type': 'image/png' },
		body,
		door: 'refused' as const
	}));
}

/** Ways of asking that nobody asks in. */
function ways(): HostileCase[] {
	const headers: [string, Record<string, string>][] = [
		['from a page of another site', { origin: 'http://elsewhere.example' }],
		['from nowhere', { origin: 'null' }],
		['packed, as it says', { 'content-encoding': 'gzip', ...JSON_TYPE }],
		['of a type that is none', { 'content-type': ';;;===' }],
		['as a form', { 'content-type': 'multipart/form-data; boundary=x' }],
		['with a long header', { 'x-long': repeat('h', 8000) }]
	];
	const methods = ['PATCH', 'OPTIONS', 'DELETE', 'PUT', 'POST'];
	const paths = ['/', '/api/pieces', '/api/plan', '/api/motifs', '/api/schema', '/pieces/{piece}/layout', '/api/pictures/x', '/copies'];
	const FETCHED = { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors', 'sec-fetch-dest': 'image' };
	return [
		...['/', '/api/pieces', '/api/pieces/{piece}', '/pieces/{piece}/sheets/pdf', '/api/schema', '/favicon.svg'].map(
			(path): HostileCase => ({ name: `${path} shown by another site`, method: 'GET', path, headers: FETCHED, door: 'refused' })
		),
		...headers.flatMap(([what, own]) =>
			['/api/pieces', '/api/plan', '/api/colours'].map((path) => ({
				name: `${path} ${what}`,
				method: 'POST',
				path,
				headers: own,
				body: () => '{}'
			}))
		),
		...methods.flatMap((method) => paths.map((path) => ({ name: `${method} ${path}`, method, path })))
	];
}

/** Values that are put anywhere into a sound piece. */
const ODD: readonly unknown[] = [
	null,
	0,
	-1,
	1e308,
	-1e308,
	1e-308,
	2 ** 53,
	'',
	' ',
	'\u0000',
	'\ud800',
	'🦀',
	repeat('a', 5000),
	[],
	{},
	[[]],
	true,
	'9999999999',
	'1/0',
	'-5',
	'1e9',
	Array.from({ length: 3000 }, () => 0),
	{ a: { b: { c: {} } } },
	'constructor',
	'__proto__',
	0.1 + 0.2
];

/** A sound piece with one to three odd values in chance places; the same seed gives the same. */
function spoilt(seed: number): HostileCase {
	let state = seed * 7919 + 1;
	const chance = (below: number) => (state = (state * 48271) % 2147483647) % below;
	const piece = copy();
	for (let i = 0; i <= chance(3); i++) {
		let at: Json = piece;
		for (let deep = 0; deep < 12; deep++) {
			const keys = Object.keys(at);
			const key = keys[chance(Math.max(1, keys.length))];
			if (key === undefined) break;
			const inner = at[key];
			if (typeof inner !== 'object' || inner === null || chance(6) === 0) {
				at[key] = ODD[chance(ODD.length)];
				break;
			}
			at = inner;
		}
	}
	const [path, body] =
		seed % 3 === 0 ? (['/api/pieces', () => JSON.stringify(piece)] as const) : (['/api/plan', () => JSON.stringify(piece)] as const);
	return { name: `spoilt ${seed}`, method: 'POST', path, headers: JSON_TYPE, body };
}

/** What a painter may type anywhere, at its least and most: lengths as they stand on a tape, and figures. */
const LENGTHS = ['0', '0.0000001', '0.001', '0.1', '1', '17', '860', '9999', '99999', '1e-7', '1/64 in', '8\' 2 1/4"'];
const FIGURES = [-1, 0, 1e-12, 1e-9, 1e-6, 0.001, 0.05, 0.5, 1, 2, 20, 90, 400, 999, 2000, 1e5];

/** A sound piece of the demo with one to three of its lengths and figures at their extremes: about half of them are within limits, and read. The same seed gives the same. */
export function stretched(seed: number): HostileCase {
	let state = seed * 6367 + 11;
	const chance = (below: number) => (state = (state * 48271) % 2147483647) % below;
	const piece = structuredClone(DEMOS[chance(DEMOS.length)]!);
	const leaves: { readonly of: Json; readonly key: string }[] = [];
	const open: Json[] = [piece['piece'], piece['layout'].zones, piece['layout'].arrangements, piece['finish'].coats, piece['workshop']];
	for (let of = open.pop(); of; of = open.pop())
		for (const [key, value] of Object.entries(of)) {
			if (typeof value === 'object' && value !== null) open.push(value as Json);
			else if (typeof value === 'number' || (typeof value === 'string' && /^\d+(\.\d+)?$/.test(value))) leaves.push({ of, key });
		}
	for (let i = 0, times = 1 + chance(3); i < times; i++) {
		const { of, key } = leaves[chance(leaves.length)]!;
		of[key] = typeof of[key] === 'string' ? LENGTHS[chance(LENGTHS.length)]! : FIGURES[chance(FIGURES.length)]!;
	}
	return {
		name: `stretched ${seed}`,
		method: 'POST',
		path: seed % 5 === 0 ? '/api/pieces' : '/api/plan',
		headers: JSON_TYPE,
		body: () => JSON.stringify(piece)
	};
}
const DEMOS: readonly Json[] = ['sail-loft-chest', 'chart-cabinet', 'ferry-table', 'net-box'].map(
	(name) => JSON.parse(readFileSync(`demo/${name}.json`, 'utf8')) as Json
);

/** All that is written out, and so many spoilt pieces. */
export function hostileCases(count: number): HostileCase[] {
	const written = [...texts(), ...addresses(), ...saves(), ...exploding(), ...drawings(), ...pictures(), ...ways()];
	return [...written, ...Array.from({ length: Math.max(0, count - written.length) }, (_, i) => spoilt(i + 1))];
}
