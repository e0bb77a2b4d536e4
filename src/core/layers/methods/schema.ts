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
