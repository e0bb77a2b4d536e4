import { differColours } from '../../colour';
import type { Finding, Rule } from '../findings';
import { lookOver, plainLook } from '../plainLook';
import type { FilmCoat } from '../schema';
import { amountOfCoat } from '../blendSteps';
import type { Layer, Stack } from '../stackLayers';

type Base = Extract<FilmCoat, { kind: 'base' }>;

/** From here on two colours side by side read as two. Source: methods 10. */
const SEEN = 5;
const MOST_COATS = 6;

/** A base coat that is seen in the end, and lets what is under it through. */
export const hidesGround: Rule = {
	id: 'hides-ground',
	satisfiedBy: 'So many coats that the colour comes out as its swatch; or leave it so, where the ground is meant to show.',
	check: (stack) => stack.layers.flatMap((layer) => (layer.coat.kind === 'base' ? checkBase(stack, layer, layer.coat) : []))
};

function checkBase(stack: Stack, layer: Layer, coat: Base): Omit<Finding, 'rule' | 'overruled'>[] {
	const colour = stack.palette.find(({ id }) => id === coat.colour);
	if (!colour) return [];
	const isCovered = (surface: string) =>
		stack.layers.some(
			(over) => over.at > layer.at && over.surfaces.has(surface) && (over.coat.kind === 'base' || stack.coversAll(over.coat))
		);
	const seen = [...layer.surfaces].filter((surface) => !isCovered(surface));
	const grounds = new Map<string, string[]>();
	for (const surface of seen) {
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
