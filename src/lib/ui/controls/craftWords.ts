/** Words of the craft, and of this application, in plain ones; each is explained where it is used. */
export const CRAFT_WORDS = {
	'spread over':
		'What the colours climb or run across: each drawer by itself, the whole face as if it had no gaps, or the whole piece, where a band stands at one height above the floor on every side.',
	'all of it': 'The face as a whole: its rails, its edges and what lies on it, not only the drawers and doors.',
	'how it fits':
		'So many motifs at such a scale: 8 at 0.90 lays eight, each nine tenths of its drawn size, with even gaps between them. The first is the best by size, gap and clearance from the knobs.',
	'the section':
		'The finish of one surface cut through, drawn as a step board: each coat begins at its own step and lies over all before it.',
	'compare from here':
		'Keeps the look as it is now. What you change after that is shown beside it, or by a line drawn across, until you take one of the two.',
	'walk of lightness':
		'From colour to colour a blend should grow steadily lighter or steadily darker; where it turns back, a stripe is seen.',
	'same for all': 'Gives every other part of this kind the margins, outline and depth of this one. Each can still be changed alone.',
	'the chain':
		'The readings from the top edge down, one after the other: rail, gap, drawer and so on. Together they have to make the height of the face.',
	'the rest': 'This link is not measured: it is what the face has left after all other links of the chain.',
	'room to move':
		'What is left of a gap when all coats lie on both of its edges. Under a card’s thickness a drawer rubs, and its paint comes off.'
} as const;
export type CraftWord = keyof typeof CRAFT_WORDS;
