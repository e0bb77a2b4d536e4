import type { BlendMethodId } from './schema';
import { glazeSlip } from './glazeSlip';
import { loadedBrush } from './loadedBrush';
import { mistAndFeather } from './mistAndFeather';
import { runningColour } from './runningColour';
import { spongeOnSponge } from './spongeOnSponge';
import { dryDrag } from './dryDrag';
import { layerAndWear } from './layerAndWear';
import type { BlendMethod } from './types';

/** Every school of blending. A new one is a new file and a line here. */
export const METHODS: Readonly<Record<BlendMethodId, BlendMethod>> = {
	'mist-and-feather': mistAndFeather,
	'glaze-slip': glazeSlip,
	'loaded-brush': loadedBrush,
	'running-colour': runningColour,
	'sponge-on-sponge': spongeOnSponge,
	'dry-drag': dryDrag,
	'layer-and-wear': layerAndWear
};
