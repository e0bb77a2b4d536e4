import { dryingOf, isFilm, type OwnDrying, type Stack } from '../layers';
import { dryMaterial, NO_DRYING, type DryingTimes } from './dryMaterial';
import type { Climate } from './scaleDryingTime';

/** Of each layer of a stack, in its order, how it dries in a workshop. Source: methods 14. */
export function dryLayers({ layers }: Stack, climate: Climate & { readonly drying?: OwnDrying | undefined }): DryingTimes[] {
	const factors = dryingOf(climate.drying);
	return layers.map(({ coat, material }) =>
		material
			? dryMaterial(
					material,
					{ thickness: isFilm(coat) ? coat.thickness : 1, extender: 'extender' in coat ? coat.extender : 0 },
					climate,
					factors
				)
			: NO_DRYING
	);
}
