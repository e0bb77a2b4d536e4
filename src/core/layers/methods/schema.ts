export const BLEND_METHODS = [
	'mist-and-feather',
	'glaze-slip',
	'loaded-brush',
	'running-colour',
	'sponge-on-sponge',
	'dry-drag',
	'layer-and-wear'
] as const;
export type BlendMethodId = (typeof BLEND_METHODS)[number];

export const BRUSH_SCHOOLS = ['clean-joins', 'own-brushes', 'one-dry'] as const;
export type BrushSchool = (typeof BRUSH_SCHOOLS)[number];
/** What each is called. */
export const BRUSH_WORDS: Readonly<Record<BrushSchool, string>> = {
	'clean-joins': 'a clean one for each join',
	'own-brushes': "the colours' own",
	'one-dry': 'one dry brush for all joins'
};

/** How a blend is begun where nothing else is said. */
export const USUAL_BLENDING = { method: 'mist-and-feather', brushes: 'clean-joins' } as const;

/** More do not work at one piece at once. */
export const MOST_HANDS = 4;
