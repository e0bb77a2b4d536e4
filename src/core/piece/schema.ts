import { z } from 'zod';
import { HardwareSchema, FittingSchema } from './hardware/schema';
import { IdSchema, NameSchema } from '../units';
import { LengthInputSchema } from './readings/lengths';
import { OutlineSchema } from './faces/outlineSchema';

const SetOffSchema = z
	.strictObject({ way: z.enum(['level', 'proud', 'recessed']), by: LengthInputSchema })
	.meta({ description: 'How far a surface stands before (proud) or behind (recessed) what it lies in.' });
export type SetOff = z.infer<typeof SetOffSchema>;

export const READING_ROLES = ['rail', 'stile', 'gap', 'drawer', 'door', 'panel', 'apron', 'leg', 'open', 'row', 'plinth'] as const;
export type ReadingRole = (typeof READING_ROLES)[number];

/** How drawers (or doors) of one chain come by their sizes. */
const SizeRuleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('readings') }),
	z.strictObject({ rule: z.literal('equal') }),
	z
		.strictObject({ rule: z.literal('arithmetic'), first: LengthInputSchema })
		.meta({ description: 'The first is so large; each next one grows by the same.' }),
	z.strictObject({ rule: z.literal('difference'), step: LengthInputSchema }).meta({ description: 'Each next one is larger by this.' }),
	z
		.strictObject({ rule: z.literal('geometric'), ratio: z.number().min(0.5).max(2) })
		.meta({ description: 'Each next one is so many times the one before.' })
]);
export type SizeRule = z.infer<typeof SizeRuleSchema>;

/** One link of a chain. A row is itself divided, the other way; so may be a drawer row beside a door, to any depth that furniture has. */
export interface Reading {
	id: string;
	role: ReadingRole;
	reading: z.infer<typeof LengthInputSchema>;
	/** A gap read at its other end too: where it tapers. */
	far?: z.infer<typeof LengthInputSchema> | undefined;
	split?: Split | undefined;
	setOff?: SetOff | undefined;
}
export interface Split {
	along: 'across' | 'down';
	sizes: SizeRule;
	chain: Reading[];
}

const MOST_READINGS = 64;
const ReadingSchema: z.ZodType<Reading> = z.strictObject({
	id: IdSchema,
	role: z.enum(READING_ROLES),
	reading: LengthInputSchema,
	far: LengthInputSchema.optional().meta({ description: 'Of a gap: read at its other end (right, or bottom), where it tapers.' }),
	get split() {
		return SplitSchema.optional();
	},
	setOff: SetOffSchema.optional().meta({ description: 'Where it differs from the other fronts.' })
}) as z.ZodType<Reading>;
const SplitSchema: z.ZodType<Split> = z.strictObject({
	along: z.enum(['across', 'down']),
	sizes: SizeRuleSchema,
	chain: z.array(ReadingSchema).min(1).max(MOST_READINGS)
}) as z.ZodType<Split>;

export const PART_ROLES = ['panel', 'door', 'drawer', 'moulding', 'groove', 'carving', 'leg', 'board'] as const;

/** A part that lies on another, or on the face: measured from its edges. */
const PlacedPartSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	role: z.enum(PART_ROLES),
	on: IdSchema.meta({ description: 'The part it lies on, or the face.' }),
	place: z.discriminatedUnion('rule', [
		z.strictObject({
			rule: z.literal('inset'),
			left: LengthInputSchema,
			top: LengthInputSchema,
			right: LengthInputSchema,
			bottom: LengthInputSchema
		}),
		z.strictObject({
			rule: z.literal('box'),
			left: LengthInputSchema,
			top: LengthInputSchema,
			width: LengthInputSchema,
			height: LengthInputSchema
		})
	]),
	outline: OutlineSchema,
	setOff: SetOffSchema
});
export type PlacedPart = z.infer<typeof PlacedPartSchema>;

export const GROUND_IDS = [
	'solid-wood',
	'knotty',
	'veneer',
	'pressed-board',
	'fibre-board',
	'laminate',
	'metal',
	'glass',
	'stained',
	'varnished',
	'waxed',
	'old-paint'
] as const;
export type GroundId = (typeof GROUND_IDS)[number];

export const FACE_KINDS = ['front', 'left', 'right', 'back', 'top', 'lid', 'inside', 'edge', 'apron', 'leg', 'board'] as const;
export type FaceKind = (typeof FACE_KINDS)[number];

const CornerSchema = z.strictObject({ x: z.number().min(-1e5).max(1e5), y: z.number().min(-1e5).max(1e5) });
const PhotographSchema = z.strictObject({
	picture: z
		.string()
		.regex(/^[0-9a-f]{64}$/)
		.meta({ description: 'Its name in the workshop: the SHA-256 of its bytes.' }),
	width: z.number().int().min(1).max(40_000),
	height: z.number().int().min(1).max(40_000),
	corners: z
		.array(CornerSchema)
		.length(4)
		.nullable()
		.meta({ description: 'Pixels: top left, top right, bottom right, bottom left corner of the face; null: not clicked yet.' }),
	check: z
		.strictObject({ from: CornerSchema, to: CornerSchema, length: LengthInputSchema })
		.nullable()
		.meta({ description: 'A fifth length, measured with the tape: its ends as mm on the face.' }),
	shown: z.boolean()
});
export type Photograph = z.infer<typeof PhotographSchema>;

const FaceSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	kind: z.enum(FACE_KINDS),
	of: IdSchema.nullable().meta({ description: 'Of an edge: the drawer or door whose edge it is; its width is that of the part.' }),
	ground: z.enum(GROUND_IDS),
	grounds: z
		.record(IdSchema, z.enum(GROUND_IDS))
		.optional()
		.meta({ description: 'Of parts that are of something else than the face: tin in a wooden frame, glass in a door; by their id.' }),
	grain: z.enum(['level', 'upright']),
	outline: OutlineSchema,
	width: LengthInputSchema,
	height: LengthInputSchema,
	typical: z
		.strictObject({ width: z.number().min(1).max(10_000), height: z.number().min(1).max(10_000) })
		.meta({ description: 'Drawn so large until it is measured, mm.' }),
	floor: LengthInputSchema.meta({
		description: 'Height of its bottom edge (of a level face: of itself) above the floor; "" follows from the faces it meets.'
	}),
	bent: LengthInputSchema.optional().meta({
		description: 'Of a round front: the radius that it is bent to, about an upright line; "" or none: flat.'
	}),
	diagonals: z.strictObject({ falling: LengthInputSchema, rising: LengthInputSchema }).meta({
		description: 'Corner to corner: from the top left, and from the bottom left. "" not measured.'
	}),
	stile: LengthInputSchema.meta({
		description: 'Width of the frame at the left and at the right of drawers and doors of the chain; 0 for none.'
	}),
	sideGap: LengthInputSchema.meta({ description: 'Gap between frame and drawer, at each side.' }),
	fronts: SetOffSchema.meta({ description: 'How its drawers and doors stand in the frame.' }),
	sizes: SizeRuleSchema,
	chain: z
		.array(ReadingSchema)
		.max(MOST_READINGS)
		.meta({ description: 'Readings from the top edge down, which must add up to the height; none for a face that is not divided.' }),
	parts: z.array(PlacedPartSchema).max(64),
	hardware: HardwareSchema.meta({ description: 'The setting of every drawer and door that has none of its own.' }),
	exceptions: z.record(IdSchema, HardwareSchema).meta({ description: 'Hardware of single drawers and doors, by their id.' }),
	fittings: z.array(FittingSchema).max(64).meta({ description: 'What stands on parts besides: keyholes, plates, hinges.' }),
	photograph: PhotographSchema.nullable()
});
export type Face = z.infer<typeof FaceSchema>;

export const EDGE_SIDES = ['top', 'right', 'bottom', 'left'] as const;
export type EdgeSide = (typeof EDGE_SIDES)[number];
const FaceEdgeSchema = z.strictObject({ face: IdSchema, side: z.enum(EDGE_SIDES) });
const SeamSchema = z
	.strictObject({ a: FaceEdgeSchema, b: FaceEdgeSchema })
	.meta({ description: 'Two faces that meet along an edge: a reading that one of them lacks follows from the other.' });
export type Seam = z.infer<typeof SeamSchema>;

/** What a piece has to stand, where that asks for something. */
export const PIECE_USES = ['worked', 'food', 'children'] as const;
export type PieceUse = (typeof PIECE_USES)[number];

export const PieceSchema = z.strictObject({
	name: NameSchema,
	shape: z
		.string()
		.regex(/^[a-z-]{1,40}$/)
		.meta({ description: 'The shape it was begun from.' }),
	condition: z.enum(['new', 'bare', 'finished']).meta({ description: 'Bought new, bare wood, or with an old finish on it.' }),
	uses: z
		.array(z.enum(PIECE_USES))
		.max(PIECE_USES.length)
		.optional()
		.meta({ description: 'What it has to stand: its top is worked on, it touches food, it is for children.' }),
	faces: z.array(FaceSchema).min(1).max(24),
	seams: z.array(SeamSchema).max(48)
});
export type Piece = z.infer<typeof PieceSchema>;
