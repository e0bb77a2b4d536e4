import { isNoPaint, leastContrast } from '../../colour';
import { coloursUnder, type Project } from '../../project';
import type { MeasuredPiece } from '../../piece';
import { colourOf, pasteHeight, whereOf, type Site, type Stack } from '../../layers';
import { partsOf, type ArrangementPlan } from '../../layout';
import { FAIR_TEMPERATURES, HIGHEST_HUMIDITY } from '../../schedule';
import type { Issue } from '../../units';
import { hintsOfRelief } from './hintsOfRelief';
import { hintsOfSteps } from './hintsOfSteps';

/** What is worth a look about a project as a whole; never a block. */
export function gatherHints({
	project,
	stack,
	sites,
	laid,
	piece
}: {
	readonly project: Project;
	readonly stack: Stack;
	readonly sites: ReadonlyMap<string, Site>;
	readonly laid: readonly ArrangementPlan[];
	readonly piece: Pick<MeasuredPiece, 'faces'>;
}): Issue[] {
	return [
		...withoutCoat(project),
		...underArt(project, piece),
		...unprinted(stack, sites, laid),
		...nowhere(stack),
		...heights(stack),
		...hintsOfRelief(project, stack, piece),
		...hintsOfSteps(project, laid, piece),
		...workshopHints(project),
		...noPaint(project)
	];
}

/** An arrangement that no coat goes through is drawn as an outline, and takes no paint: said, since it is easily forgotten. */
function withoutCoat({ layout, finish }: Project): Issue[] {
	return layout.arrangements.flatMap(({ id, name }, i) =>
		finish.coats.some((coat) => whereOf(coat).through === id)
			? []
			: [{ code: 'arrangement.no-coat', path: `layout.arrangements[${i}]`, values: { name } }]
	);
}

/** From here on stripes are stark: difference of lightness (L*) between a stripe and what lies beside it. */
const STARK = 45;

/** Stripes across the grain; slanted ones under art that has an up, and stark ones under any: they fight. Source: craft 5 and 9. */
function underArt(project: Project, piece: Pick<MeasuredPiece, 'faces'>): Issue[] {
	const { layout, finish, palette } = project;
	const lightness = (id: string) => palette.find((colour) => colour.id === id)?.hex;
	const upOf = new Set(layout.motifs.filter(({ up }) => up).map(({ id }) => id));
	return layout.arrangements.flatMap((stripes, i): Issue[] => {
		if (!('angle' in stripes)) return [];
		const path = `layout.arrangements[${i}]`;
		const on = partsOf(stripes.parts, piece);
		const against = { 0: 'upright', 90: 'level' }[stripes.angle];
		const across = on.find(({ face }) => project.piece.faces.find(({ id }) => id === face)?.grain === against);
		const over = layout.arrangements.filter(
			(art) => 'motif' in art && partsOf(art.parts, piece).some(({ id, face }) => on.some((part) => part.id === id || part.id === face))
		);
		const upright = over.find((art) => stripes.angle % 90 !== 0 && 'motif' in art && upOf.has(art.motif));
		const ink = finish.coats
			.flatMap((coat) => (whereOf(coat).through === stripes.id ? [colourOf(coat)] : []))
			.find((colour) => typeof colour === 'string');
		const own = typeof ink === 'string' ? lightness(ink) : undefined;
		const beside = coloursUnder(project, stripes.parts, piece).flatMap((id) => lightness(id) ?? []);
		const isStark = own !== undefined && beside.length > 0 && beside.every((hex) => leastContrast(own, [hex])!.lightness > STARK);
		return [
			...(across ? [{ code: 'stripes.across-grain', path: `${path}.angle`, values: { part: across.name } }] : []),
			...(upright ? [{ code: 'stripes.slanted-under', path: `${path}.angle`, values: { name: upright.name } }] : []),
			...(isStark && over[0] ? [{ code: 'stripes.stark', path, values: { name: over[0].name } }] : [])
		];
	});
}

/** A coat on places of which nothing is there, or all is masked, covers nothing. */
function nowhere({ layers }: Stack): Issue[] {
	return layers.flatMap(({ coat, at, surfaces }) =>
		whereOf(coat).on !== undefined && whereOf(coat).through === undefined && surfaces.size === 0
			? [{ code: 'coat.nowhere', path: `finish.coats[${at}].on` }]
			: []
	);
}

/** Paste that is to stand higher than it holds in one lay, or so low that nothing stands up. Source: craft 3. */
function heights({ layers }: Stack): Issue[] {
	return layers.flatMap(({ coat, at, material }): Issue[] => {
		if (!material?.paste || !('thickness' in coat)) return [];
		const height = pasteHeight(coat.thickness, material);
		const { least, most } = material.paste;
		const values = { height, name: material.name.toLowerCase() };
		const path = `finish.coats[${at}].thickness`;
		if (height > most + 1e-9) return [{ code: 'paste.too-high', path, values: { ...values, most } }];
		return height < least - 1e-9 ? [{ code: 'paste.too-low', path, values: { ...values, least } }] : [];
	});
}

/** Motifs of a print in the colours of a zone that lie where the zone is not take no paint: said, since nothing would be seen of them. */
function unprinted({ layers }: Stack, sites: ReadonlyMap<string, Site>, laid: readonly ArrangementPlan[]): Issue[] {
	return layers.flatMap(({ coat, at }) => {
		const source = colourOf(coat);
		if (source === null || typeof source === 'string') return [];
		const through = laid.find(({ arrangement }) => arrangement === whereOf(coat).through);
		const all = through?.items.filter(({ openArea }) => openArea > 0).length ?? 0;
		const printed = sites.get(coat.id)?.open?.motifs ?? 0;
		return through && printed < all ? [{ code: 'coat.no-zone', path: `finish.coats[${at}].colour`, values: { printed, all } }] : [];
	});
}

/** Swatches that no paint has; of a mix, those of its parts. */
function noPaint({ palette }: Project): Issue[] {
	return palette.flatMap(({ hex, mix, name }, i) =>
		mix === undefined && isNoPaint(hex) ? [{ code: 'colour.no-paint', path: `palette[${i}].hex`, values: { name, typed: hex } }] : []
	);
}

function workshopHints({ workshop }: Project): Issue[] {
	const { least, most } = FAIR_TEMPERATURES;
	const fair = workshop.temperature >= least && workshop.temperature <= most;
	const highest = 100 * HIGHEST_HUMIDITY;
	return [
		...(fair ? [] : [{ code: 'workshop.unfair', path: 'workshop.temperature', values: { least, most } }]),
		...(workshop.humidity > highest ? [{ code: 'workshop.damp', path: 'workshop.humidity', values: { most: highest } }] : [])
	];
}
