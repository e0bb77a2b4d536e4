import { judgeJoin, pigmentOfHex, pigmentsOf, type Colour, type JoinJudgement } from '../../colour';
import type { Project } from '../../project';
import { areaOfOutline } from '../../geometry';
import { whereOf, type Blend, type Stack } from '../../layers';
import { areasOfColours, joinsOf, layZone, lengthsOfJoins, type ArrangementPlan, type Zone } from '../../layout';
import { partsOnFace, type MeasuredPiece } from '../../piece';
import type { LengthUnit, Mm } from '../../units';
import { remember, type Remembered } from '../memory/remember';
import type { ZonePlan } from '../types';
import { judgeZone } from '../zoneJudgements';
import type { ZoneFinding } from '../zoneJudgements/types';

const M2 = 1e6;

/** Areas and joins of every zone on each of its parts; neighbours are judged against the palette. What does not hang on the palette is kept for each zone. */
export function createZonesPlanner() {
	const kept = new Map<string, Remembered<[Zone, MeasuredPiece, readonly ArrangementPlan[] | null], MeasuredZone[]>>();
	return (
		zones: Project['layout']['zones'],
		palette: readonly Colour[],
		piece: MeasuredPiece,
		laid: readonly ArrangementPlan[]
	): ZonePlan[] => {
		const judge = createJudge(palette);
		return zones.flatMap((zone) => {
			if (!kept.has(zone.id)) kept.set(zone.id, remember(measureZone));
			/** Motifs matter only to what is laid round them. */
			const around = zone.field.pattern === 'ageing' && zone.field.motifs ? laid : null;
			return kept.get(zone.id)!(zone, piece, around).map(({ part, areas, joins }): ZonePlan => ({
				zone: zone.id,
				part,
				areas,
				joins: joins.map(({ at, length }, i) => {
					const between = [zone.colours[i]!, zone.colours[i + 1]!] as const;
					return { between, at, length, ...judge(between) };
				})
			}));
		});
	};
}

interface MeasuredZone {
	readonly part: string;
	readonly areas: ZonePlan['areas'];
	readonly joins: readonly { readonly at: Mm; readonly length: Mm }[];
}

function measureZone(zone: Zone, piece: MeasuredPiece, around: readonly ArrangementPlan[] | null): MeasuredZone[] {
	return layZone(zone, piece, around?.flatMap(({ items }) => items) ?? []).map(({ part, laid }) => {
		const areas = areasOfColours(zone, laid);
		const lengths = lengthsOfJoins(zone, laid);
		return {
			part: part.id,
			areas: zone.colours.map((colour, i) => ({ colour, area: areas[i]! / M2 })),
			joins: joinsOf(zone, laid.region)
				.slice(0, zone.colours.length - 1)
				.map(({ at }, i) => ({ at, length: lengths[i]! }))
		};
	});
}

/** Neighbours are judged once for each pair, however many parts they meet on. */
function createJudge(palette: readonly Colour[]) {
	const pigments = pigmentsOf(palette);
	const pigmentOf = (id: string) => pigments.get(id) ?? pigmentOfHex('#808080');
	const stock = [...pigments.values()];
	const judged = new Map<string, JoinJudgement>();
	return ([first, second]: readonly [string, string]): JoinJudgement => {
		const key = `${first} ${second}`;
		const found = judged.get(key) ?? judgeJoin(pigmentOf(first), pigmentOf(second), stock);
		judged.set(key, found);
		return found;
	};
}

/** What a painter would see at once; see `zoneJudgements`. */
export function judgeZones({
	zones,
	plans,
	palette,
	piece,
	laid,
	coats,
	printed,
	unit
}: {
	readonly zones: Project['layout']['zones'];
	readonly plans: readonly ZonePlan[];
	readonly palette: readonly Colour[];
	readonly piece: MeasuredPiece;
	readonly laid: readonly ArrangementPlan[];
	/** Nothing here hangs on any other. */
	readonly coats: readonly Blend[];
	/** Pairs of a zone and an arrangement that is printed over it. */
	readonly printed: readonly string[];
	readonly unit: LengthUnit;
}): ZoneFinding[] {
	const pigments = pigmentsOf(palette);
	const placements = laid.flatMap(({ items }) => items);
	return zones.flatMap((zone) =>
		judgeZone({
			zone,
			laid: layZone(zone, piece, placements),
			coats: coats.filter((coat) => coat.zone === zone.id),
			pigmentOf: (id) => pigments.get(id) ?? pigmentOfHex('#808080'),
			nameOf: (id) => palette.find((colour) => colour.id === id)?.name ?? id,
			stock: [...pigments.values()],
			sharesOf: (part) => {
				const areas = plans.find((plan) => plan.zone === zone.id && plan.part === part)?.areas ?? [];
				const whole = areasOfSurface(piece, part);
				return areas.map(({ area }) => (area * M2) / whole);
			},
			piece,
			placements,
			printedOver: laid.filter(({ arrangement }) => printed.includes(`${zone.id} ${arrangement}`)).flatMap(({ items }) => items),
			unit
		})
	);
}

function areasOfSurface(piece: MeasuredPiece, id: string): number {
	const part = piece.faces.flatMap(partsOnFace).find((other) => other.id === id);
	return part ? areaOfOutline(part.outline) : 1;
}

/** Which arrangements are printed flat over which zones, as pairs of ids: only what is laid after the zone and does not stand up. */
export function listPrinted({ layers }: Stack): string[] {
	return layers.flatMap(({ coat, at }) => {
		const { zone } = whereOf(coat);
		if (zone === undefined) return [];
		return layers.slice(at + 1).flatMap((over) => {
			const { through } = whereOf(over.coat);
			return through !== undefined && over.traits.paints && !over.traits.raised ? [`${zone} ${through}`] : [];
		});
	});
}
