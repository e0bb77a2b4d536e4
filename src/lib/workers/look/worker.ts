import { createRenderer, createSceneReader, renderOnce, type Renderer } from '$core/preview';
import { expose, transfer } from 'comlink';
import type { LookWorker } from './messages';

const readScene = createSceneReader();
/** One renderer for each place in the list of scales: the quick picture does not throw the full one's layers away. */
const renderers: Renderer[] = [];
let current = 0;

const breathe = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

const worker: LookWorker = {
	async look({ scene: update, steps, scales, light }, onPicture, onProgress) {
		const mine = ++current;
		const scene = readScene(update);
		const wanted = Math.min(steps, scene.layers.length);
		for (const [i, scale] of scales.entries()) {
			const renderer = (renderers[i] ??= createRenderer());
			while (!renderer.layNext(scene, scale, wanted)) {
				onProgress(renderer.laid(), wanted);
				await breathe();
				if (mine !== current) return false;
			}
			const picture = renderer.light(wanted, light);
			const last = i === scales.length - 1;
			onPicture(transfer({ ...picture, scale, last }, [picture.pixels.buffer]));
			await breathe();
			if (mine !== current) return false;
		}
		return true;
	},
	async makeOnce({ scene: update, steps, scale }, onProgress) {
		const mine = ++current;
		const scene = readScene(update);
		const wanted = Math.min(steps, scene.layers.length);
		const making = renderOnce(scene, scale, wanted);
		for (let next = making.next(); ; next = making.next()) {
			if (next.done) return transfer({ ...next.value, scale, last: true }, [next.value.pixels.buffer]);
			onProgress(next.value, wanted);
			await breathe();
			if (mine !== current) return null;
		}
	},
	cancel() {
		current++;
	}
};

expose(worker);
