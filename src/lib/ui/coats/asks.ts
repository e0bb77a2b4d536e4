import { DAMAGE_ML, type Coat } from '$core/layers';

/** What a kind of coat asks for, field by field: an entry here is a control on its panel. */
export type AskOf =
	| { readonly as: 'choice'; readonly options: readonly (readonly [value: string, text: string])[]; readonly usual?: string }
	| { readonly as: 'whole'; readonly min: number; readonly max: number; readonly usual?: number }
	| { readonly as: 'parts'; readonly min: number; readonly max: number; readonly step: number; readonly usual?: number }
	| { readonly as: 'length'; readonly min: number; readonly max: number }
	| { readonly as: 'volume'; readonly min: number; readonly max: number }
	| { readonly as: 'colour' }
	/** One colour or none; what none is called. */
	| { readonly as: 'tint'; readonly none: string }
	/** A coat of one colour that is there; what none is called. */
	| { readonly as: 'painted'; readonly none: string }
	| { readonly as: 'tick' }
	| { readonly as: 'through' };

export type Ask = AskOf & {
	readonly field: string;
	readonly label: string;
	/** What else becomes of the coat with a choice. */
	readonly brings?: Readonly<Record<string, object>>;
	/** Only where this field of the coat has none. */
	readonly unless?: string;
	/** Only where this field of the coat has a value, or this one. */
	readonly where?: readonly [field: string, value?: string];
};

const CATCHES: Ask = {
	field: 'catches',
	label: 'It goes on',
	as: 'choice',
	options: [
		['edges', 'edges'],
		['heights', 'high points'],
		['all', 'all of it']
	]
};
const THROUGH: Ask = { field: 'through', label: '', as: 'through' };
const COLOUR: Ask = { field: 'colour', label: 'Its colour', as: 'colour' };
const METAL: Ask = { field: 'colour', label: 'Metal', as: 'colour' };
const many = (label: string): Ask => ({ field: 'count', label, as: 'whole', min: 1, max: 200 });
const side = (field: 'width' | 'height', label: string): Ask => ({ field, label, as: 'length', min: 5, max: 5000 });
const pieces = (label: string): Ask => ({ field: 'pieces', label, as: 'whole', min: 1, max: 200 });

/** Kinds that have no panel of their own. A new one is a line here. */
export const ASKS: { readonly [Kind in Coat['kind']]?: readonly Ask[] } = {
	tighten: [many('How many')],
	glue: [
		{
			field: 'mends',
			label: 'It is',
			as: 'choice',
			options: [
				['joint', 'a joint'],
				['plug', 'a plug'],
				['patch', 'a patch']
			]
		},
		many('How many')
	],
	'fill-damage': [
		{
			field: 'damage',
			label: 'It is',
			as: 'choice',
			options: [
				['hole', 'a hole'],
				['gouge', 'a gouge'],
				['corner', 'a corner']
			],
			brings: Object.fromEntries(Object.entries(DAMAGE_ML).map(([damage, ml]) => [damage, { ml }]))
		},
		many('How many'),
		{ field: 'ml', label: 'Each takes', as: 'volume', min: 0.1, max: 500 }
	],
	clean: [{ field: 'rounds', label: 'Gone over', as: 'whole', min: 1, max: 9, usual: 1 }],
	wash: [
		COLOUR,
		{ field: 'water', label: 'Parts of water to one of paint', as: 'parts', min: 0.25, max: 5, step: 0.25 },
		{
			field: 'done',
			label: 'Then it is',
			as: 'choice',
			options: [
				['wiped', 'wiped after a moment'],
				['dabbed', 'misted and dabbed']
			]
		},
		THROUGH
	],
	stain: [
		COLOUR,
		{
			field: 'left',
			label: 'It is',
			as: 'choice',
			options: [
				['thin', 'wiped thin'],
				['dark', 'left dark']
			]
		},
		THROUGH
	],
	'wipe-back': [
		COLOUR,
		{
			field: 'keeps',
			label: 'What is left of it',
			as: 'choice',
			options: [
				['hollows', 'dark in hollows'],
				['edges', 'aged edges'],
				['veil', 'a veil that tones']
			]
		},
		THROUGH
	],
	comb: [
		COLOUR,
		{
			field: 'tool',
			label: 'Through the wet paint goes',
			as: 'choice',
			options: [
				['comb', 'a comb'],
				['brush', 'a dry brush']
			]
		},
		{
			field: 'way',
			label: 'Strokes run',
			as: 'choice',
			options: [
				['level', 'across'],
				['upright', 'down']
			]
		},
		{ field: 'medium', label: 'Parts of extender to one of paint', as: 'parts', min: 0, max: 2, step: 0.25 }
	],
	'dry-brush': [COLOUR, CATCHES, THROUGH],
	pen: [
		COLOUR,
		{ field: 'width', label: 'Line', as: 'length', min: 0.3, max: 15 },
		{ field: 'smudged', label: 'Smudged while it is wet', as: 'tick' }
	],
	'touch-up': [
		{ field: 'of', label: 'What it mends', as: 'painted', none: 'something else, in a colour that I choose' },
		{ ...COLOUR, unless: 'of' },
		{
			field: 'way',
			label: 'With',
			as: 'choice',
			options: [
				['dabs', 'dabs'],
				['brush', 'a small brush']
			]
		},
		{ field: 'spots', label: 'About how many places', as: 'whole', min: 1, max: 200 }
	],
	size: [CATCHES, THROUGH],
	leaf: [METAL, CATCHES, THROUGH],
	'liquid-gilding': [METAL, CATCHES, THROUGH],
	crackle: [
		{
			field: 'along',
			label: 'It is laid',
			as: 'choice',
			options: [
				['every-way', 'every way'],
				['one-way', 'one way']
			]
		},
		THROUGH
	],
	powder: [COLOUR, THROUGH],
	distress: [
		{
			field: 'way',
			label: 'It is rubbed',
			as: 'choice',
			options: [
				['dry', 'dry'],
				['wet', 'with a damp cloth']
			]
		},
		{
			field: 'reach',
			label: 'How far',
			as: 'choice',
			options: [
				['top', 'softened'],
				['under', 'coat under it'],
				['ground', 'ground']
			]
		},
		{
			field: 'at',
			label: 'Where',
			as: 'choice',
			options: [
				['edges', 'edges'],
				['heights', 'high points'],
				['hands', 'where hands go'],
				['all', 'all over']
			]
		},
		THROUGH
	],
	transfer: [side('width', 'Wide'), side('height', 'High'), pieces('Cut into pieces')],
	paper: [
		side('width', 'Wide'),
		side('height', 'High'),
		pieces('Sheets of that size'),
		{
			field: 'edge',
			label: 'Its edge is',
			as: 'choice',
			options: [
				['torn', 'torn'],
				['cut', 'cut'],
				['sanded', 'sanded thin']
			]
		}
	],
	buff: [
		{
			field: 'when',
			label: 'It is buffed',
			as: 'choice',
			options: [
				['at-once', 'at once'],
				['tack', 'at the tack'],
				['next-day', 'next day']
			]
		}
	],
	heat: [
		{
			field: 'does',
			label: 'It',
			as: 'choice',
			options: [
				['raise', 'raises'],
				['bend', 'softens'],
				['dry', 'dries']
			]
		},
		THROUGH
	],
	clear: [
		{ field: 'colour', label: 'Tinted with', as: 'tint', none: 'nothing: plain' },
		{ field: 'medium', label: 'Parts of clear coat to one of paint', as: 'parts', min: 4, max: 60, step: 1, usual: 20, where: ['colour'] },
		THROUGH
	],
	wax: [
		{ field: 'colour', label: 'Coloured with', as: 'tint', none: 'what is in its tin' },
		{ field: 'medium', label: 'Parts of wax to one of colour', as: 'parts', min: 1, max: 30, step: 0.5, usual: 4, where: ['colour'] },
		THROUGH,
		{
			field: 'reach',
			label: 'Of each motif',
			as: 'choice',
			usual: 'all',
			options: [
				['all', 'all of it'],
				['tips', 'its tips']
			],
			where: ['through']
		}
	],
	mask: [THROUGH]
};
