import { differColours } from '../../colour';
import type { Found, Rule } from '../findings';
import { amountOfCoat, colourOf } from '../kinds';
import { isFilm } from '../kinds/schema';
import { lookOver, plainLook } from '../plainLook';
import { layersOn, type Layer, type Stack } from '../stackLayers';

/** From here on two colours side by side read as two. Source: methods 10. */
const SEEN = 5;
const MOST_COATS = 6;

/** A base coat that is seen in the end, and lets what is under it through. */
export const hidesGround: Rule = {
	id: 'hides-ground',
	risk: 'look',
	satisfiedBy: 'So many coats that the colour comes out as its swatch; or leave it so, where the ground is meant to show.',
	check: (stack) => stack.layers.filter(({ traits }) => traits.solid).flatMap((layer) => checkSolid(stack, layer)),
	examples: {
		bad: [
			['one dark coat over white primer', 'prime; base!'],
			['one thin coat over another', 'base x2; base thin colour=hull-white!']
		],
		good: [
			['two coats', 'prime; base x2'],
			['another base over it', 'prime; base; base x2'],
			['blended over, with no place left bare', 'prime; base on=drawers; blend x2'],
			['worn back over it, so that it is meant to show', 'prime; base on=drawers; blend method=layer-and-wear'],
			['a glaze is meant to let it through', 'prime; base x2; glaze'],
			['sanded off again', 'prime; base; sand bare']
		]
	}
};

function checkSolid(stack: Stack, layer: Layer): Found[] {
	const { coat } = layer;
	const source = colourOf(coat);
	const colour = stack.palette.find(({ id }) => id === source);
	if (!colour || !isFilm(coat)) return [];
	/** Covered by another colour, worn back so that it is meant to show, or sanded off again. */
	const isSeen = (surface: string) => {
		const there = layersOn(stack, surface);
		return (
			there.includes(layer) &&
			!there.some(({ at, traits }) => at > layer.at && (traits.solid || traits.wears || (traits.blends > 0 && traits.covers)))
		);
	};
	const grounds = new Map<string, string[]>();
	for (const surface of [...layer.surfaces].filter(isSeen)) {
		const hex = plainLook(stack, surface, layer.at);
		grounds.set(hex, [...(grounds.get(hex) ?? []), surface]);
	}
	const perCoat = amountOfCoat({ ...coat, times: 1 });
	const differs = (times: number, ground: string) => differColours(lookOver(colour, perCoat * times, ground), colour.hex);
	const thin = [...grounds]
		.filter(([ground]) => differs(coat.times, ground) >= SEEN)
		.sort(([a], [b]) => differs(coat.times, b) - differs(coat.times, a));
	if (thin.length === 0) return [];
	const worst = thin[0]![0];
	const enough = Array.from({ length: MOST_COATS }, (_, i) => i + 1).find((times) =>
		thin.every(([ground]) => differs(times, ground) < SEEN)
	);
	const result = lookOver(colour, amountOfCoat(coat), worst);
	const [coats, lets] = coat.times === 1 ? ['One coat', 'lets'] : [`${coat.times} coats`, 'let'];
	return [
		{
			kind: 'should',
			what: `${coats} of ${colour.name} ${lets} the ground show: ${result} where the swatch is ${colour.hex}.`,
			coat: coat.id,
			where: thin.flatMap(([, surfaces]) => surfaces),
			why: `A coat hides ${Math.round(100 * colour.opacity)} % of what is under it (difference ${differs(coat.times, worst).toFixed(0)}, seen from ${SEEN} on). ${
				enough ? `It takes ${enough} coats.` : `Not even ${MOST_COATS} coats would do: lay a ground of a nearer colour first.`
			}`,
			swatches: [colour.hex, result],
			remedies: enough
				? [{ label: `Lay ${enough} coats`, edits: [{ op: 'replace', coat: coat.id, with: { ...coat, times: enough } }] }]
				: []
		}
	];
}
