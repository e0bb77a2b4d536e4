import { z } from 'zod';
import { HexSchema } from '../colour';
import { IdSchema, NameSchema } from '../units';

const MinutesSchema = z.number().min(0).max(100_000);
const WindowSchema = z.strictObject({ from: MinutesSchema, to: MinutesSchema }).refine(({ from, to }) => from <= to, {
	path: ['to'],
	message: 'This ends before it begins: make it as late as its beginning, or later'
});

export const MATERIAL_KINDS = [
	'cleaner',
	'water',
	'glue',
	'filler',
	'primer',
	'paint',
	'stain',
	'extender',
	'mineral',
	'glaze',
	'crackle',
	'gilding',
	'liquid-gilding',
	'size',
	'leaf',
	'powder',
	'ink',
	'paste',
	'casting',
	'transfer',
	'paper',
	'medium',
	'clear',
	'wax'
] as const;
export type MaterialKind = (typeof MATERIAL_KINDS)[number];

/** Figures of a record that a label gives; where each is from is kept beside it. */
export const LABEL_FIGURES = [
	'recoat',
	'coverage',
	'protect',
	'touchDry',
	'open',
	'tack',
	'film',
	'sheen',
	'carrier',
	'food',
	'cautions'
] as const;
export type LabelFigure = (typeof LABEL_FIGURES)[number];

/** One material: what a coat of it needs to be known for. Every figure is the user's to change; the label on the tin wins. */
export const MaterialSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	kind: z.enum(MATERIAL_KINDS),
	carrier: z.enum(['water', 'oil', 'shellac', 'wax']),
	porous: z.boolean().meta({ description: 'Soaks up what is laid on it until it is sealed.' }),
	coverage: z.number().min(0.1).max(100).meta({ description: 'm2 per litre per coat.' }),
	film: z.number().min(0).max(5000).meta({ description: 'Dry film of one normal coat, micrometres.' }),
	touchDry: MinutesSchema,
	recoat: MinutesSchema,
	open: MinutesSchema.meta({ description: 'How long it stays workable, minutes; 0 where it does not matter.' }),
	cureDays: z.number().min(0).max(365),
	sheen: z.number().min(0).max(1).meta({ description: '0 dead matte, 1 full gloss.' }),
	tint: z
		.strictObject({ hex: HexSchema, opacity: z.number().min(0).max(1) })
		.nullable()
		.meta({ description: 'Its own colour where it brings one.' }),
	protect: z.enum(['no', 'should', 'must']).meta({ description: 'Whether it has to be protected at the end.' }),
	dark: z.boolean().meta({ description: 'A dark or tinted wax.' }),
	tough: z.boolean().optional().meta({ description: 'A clear coat that a top which is worked on may be left with.' }),
	metallic: z.boolean().optional().meta({ description: 'Its flake lies loose in it: wax lifts it, and clear coats dull it.' }),
	blocks: z.boolean().optional().meta({ description: 'Keeps stains, knots and old varnish from bleeding through.' }),
	food: z.boolean().optional().meta({ description: 'Its maker says that it may touch food once it has cured.' }),
	thinned: z
		.enum(['water', 'solvent'])
		.optional()
		.meta({ description: 'What carries a wax or an ink, and wakes it: water, or solvent (spirit).' }),
	sets: WindowSchema.optional().meta({
		description: 'Of a wax: when it has set and is not yet hard, minutes after it is laid: powder is dusted on then.'
	}),
	crackle: z
		.strictObject({
			part: z.enum(['first', 'second', 'between', 'single']).meta({
				description: 'First or second part of two, the medium between two coats of paint, or one clear coat by itself.'
			})
		})
		.optional()
		.meta({ description: 'Of what makes cracks.' }),
	seals: z.boolean().optional().meta({ description: 'A paint that seals itself, and with it what lies under it.' }),
	slick: z.boolean().optional().meta({ description: 'Dries so smooth that paint does not hold until it is scuffed.' }),
	rinse: z.boolean().optional().meta({ description: 'A cleaner that is rinsed off with water.' }),
	tack: WindowSchema.optional().meta({ description: 'When it is tacky, minutes after it is laid: another wax may go on then.' }),
	heldBy: z
		.enum(['tack'])
		.optional()
		.meta({ description: 'What holds it, where that is not its own film: the tack of what is under it, as leaf is held by its size.' }),
	hard: WindowSchema.optional().meta({
		description: 'When it has hardened, minutes, at the earliest and at the latest: water-based coats hold only then.'
	}),
	paste: z
		.strictObject({
			least: z.number().min(0.05).max(20).meta({ description: 'Least height that works, mm.' }),
			most: z.number().min(0.05).max(20).meta({ description: 'Most height in one lay, mm.' }),
			opening: z.number().min(0.2).max(20).meta({ description: 'It clogs in narrower openings, mm.' }),
			shrinkage: z.number().min(0).max(0.5).meta({ description: 'Share of its height that it loses as it dries.' }),
			puff: z.boolean().meta({ description: 'Raised by a heat gun.' }),
			cracksAbove: z
				.number()
				.min(0)
				.max(60)
				.optional()
				.meta({ description: 'In a warmer room, °C, it dries too fast, and fine cracks come.' })
		})
		.refine(({ least, most }) => least <= most, {
			path: ['most'],
			message: 'The most height of a lay is below its least: make it as much, or more'
		})
		.optional()
		.meta({ description: 'Of paste; its usual height when dry is its film.' }),
	recipe: z
		.array(z.strictObject({ of: z.enum(['paint', 'powder', 'wax']), parts: z.number().min(0.01).max(1000) }))
		.min(1)
		.max(8)
		.optional()
		.meta({ description: 'Of what is mixed at the bench: its parts by volume.' }),
	casting: z
		.strictObject({
			edges: z.enum(['rounded', 'sharp']),
			density: z.number().min(0.05).max(20).optional().meta({ description: 'When it is hard, g a ml.' }),
			piece: z.boolean().optional().meta({
				description:
					'It comes as a finished piece: counted, fitted and glued, not pressed; it has the size that it has, and does not shrink.'
			}),
			bends: z
				.number()
				.min(1)
				.max(10_000)
				.nullable()
				.meta({ description: 'Least radius that it is bent to when warm, mm; null: it does not bend.' })
		})
		.optional()
		.meta({ description: 'Of castings and applied ornament.' }),
	ready: z.string().max(200).meta({ description: 'What ready looks like.' }),
	misleads: z.string().max(200).optional().meta({ description: 'What looks like ready, or like a fault, and is neither.' }),
	like: IdSchema.optional().meta({ description: "Of a tin of one's own: the record that it began as." }),
	from: z
		.partialRecord(z.enum(LABEL_FIGURES), z.enum(['label', 'learnt']))
		.optional()
		.meta({ description: 'Where figures are from that are not our starting ones: the label of the tin, or what was learnt from the log.' }),
	cautions: z.array(z.string().max(300)).max(10)
});
export type Material = z.infer<typeof MaterialSchema>;

/** A mist keeps it workable for longer: paint that water wakes; not what seals itself, nor a glaze. */
export function isRenewedByMist({ kind, carrier, seals }: Material): boolean {
	return kind === 'paint' && carrier === 'water' && seals !== true;
}
