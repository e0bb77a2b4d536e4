import type { Material } from '../layers';

/** What a colour is poured out as: paint of a material, or the tint of one. */
export function wordPaint(material: Material | undefined): string {
	if (!material) return '';
	return material.kind === 'glaze' ? `Tint for the ${material.name.toLowerCase()}` : material.name;
}
