import { createRenderer, createSceneReader, renderOnce, type Renderer } from '$core/preview';
import { expose, transfer } from 'comlink';
import type { LookWorker } from './messages';

interface Session {
	readonly readScene: ReturnType<typeof createSceneReader>;
	/** One renderer for each place in the list of scales: the quick picture does not throw the full one's layers away. */
	readonly renderers: Renderer[];
	current: number;
}

const sessions = new Map<number, Session>();
function sessionOf(client: number): Session {
	const session = sessions.get(client) ?? { readScene: createSceneReader(), renderers: [], current: 0 };
	sessions.set(client, session);
	return session;
}

/** Between two layers the others that ask have their turn: all come to their coarse picture before the first comes to its fine one. */
const breathe = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

const worker: LookWorker = {
	async look({ client, scene: update, steps, scales, light }, onPicture, onProgress) {
		const session = sessionOf(client);
		const mine = ++session.current;
		const scene = session.readScene(update);
		const wanted = Math.min(steps, scene.layers.length);
		for (const [i, scale] of scales.entries()) {
			const renderer = (session.renderers[i] ??= createRenderer());
			while (!renderer.layNext(scene, scale, wanted)) {
				onProgress(renderer.laid(), wanted);
				await breathe();
				if (mine !== session.current) return false;
			}
			const picture = renderer.light(wanted, light);
			const last = i === scales.length - 1;
			onPicture(transfer({ ...picture, scale, last }, [picture.pixels.buffer]));
			await breathe();
			if (mine !== session.current) return false;
		}
		return true;
	},
	async makeOnce({ client, scene: update, steps, scale, light }, onProgress) {
		const session = sessionOf(client);
		const mine = ++session.current;
		const scene = session.readScene(update);
		const wanted = Math.min(steps, scene.layers.length);
		const making = renderOnce(scene, scale, wanted, { light });
		for (let next = making.next(); ; next = making.next()) {
			if (next.done) return transfer({ ...next.value, scale, last: true }, [next.value.pixels.buffer]);
			onProgress(next.value, wanted);
			await breathe();
			if (mine !== session.current) return null;
		}
	},
	cancel(client) {
		sessionOf(client).current++;
	},
	forget(client) {
		sessionOf(client).current++;
		sessions.delete(client);
	}
};

expose(worker);
