import { isSame } from '../units';
import type { Scene, SceneLayer } from './scene';

/** A scene for one who has the scene before it: layers that are as they were are named by their coat. */
export interface SceneUpdate {
	/** All but the layers; null where it is as it was. */
	readonly frame: Omit<Scene, 'layers'> | null;
	/** Bottom up. */
	readonly layers: readonly (SceneLayer | string)[];
}

/** Makes of each scene what changed since the one before, for a `createSceneReader` on the other side that is given every update in order. */
export function createSceneWriter(): (scene: Scene) => SceneUpdate {
	let last: { readonly frame: object | null; readonly layers: ReadonlyMap<string, SceneLayer> } = { frame: null, layers: new Map() };
	return ({ layers, ...frame }) => {
		const update = {
			frame: isSame(frame, last.frame) ? null : frame,
			layers: layers.map((layer) => (isSame(layer, last.layers.get(layer.coat)) ? layer.coat : layer))
		};
		last = { frame, layers: new Map(layers.map((layer) => [layer.coat, layer])) };
		return update;
	};
}

/** Puts scenes together again from the updates of a `createSceneWriter`. Throws where an update names what never came. */
export function createSceneReader(): (update: SceneUpdate) => Scene {
	let last: Scene | null = null;
	return ({ frame, layers }) => {
		const known = new Map(last?.layers.map((layer) => [layer.coat, layer]));
		const next = { ...(frame ?? last), layers: layers.map((layer) => (typeof layer === 'string' ? known.get(layer) : layer)) };
		if (next.layers.includes(undefined) || (frame === null && last === null))
			throw new RangeError('A scene was updated that was never sent.');
		return (last = next as Scene);
	};
}
