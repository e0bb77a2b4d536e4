import { planProject, sourceOfScene } from '../src/core/plan';
import { copyPlanes, createPlanes, createRenderer, describeScene } from '../src/core/preview';
import { demo } from './plan';
import { compare, print } from './ratio';

const scene = describeScene(sourceOfScene(demo, planProject(demo)));
const MILLIONS = 2e6;
const scale = Math.sqrt(MILLIONS / (scene.width * scene.height));

/** Every byte of the same planes copied once: no picture can be cheaper. */
function barePass() {
	const planes = createPlanes(Math.round(scene.width * scale), Math.round(scene.height * scale));
	return () => copyPlanes(planes);
}

export async function benchLook(): Promise<void> {
	const steps = scene.layers.length;
	const bare = barePass();
	const films = scene.layers.filter(({ kind }) => kind !== 'none').length;
	const TIME = 4000;
	print(
		await compare(
			`look, 2 million pixels, ${films} coats, cold`,
			() => createRenderer().render(scene, scale, steps),
			'bare pass',
			bare,
			TIME
		)
	);
	const warm = createRenderer();
	warm.render(scene, scale, steps);
	const last = scene.layers.findLastIndex(({ kind }) => kind === 'clear');
	let sheen = 0;
	const touched = () => {
		sheen = (sheen + 0.01) % 0.3;
		const layers = scene.layers.map((layer, i) => (i === last && layer.kind === 'clear' ? { ...layer, sheen } : layer));
		return warm.render({ ...scene, layers }, scale, steps);
	};
	print(await compare('look, 2 million pixels, last coat changed', touched, 'bare pass', bare, TIME));
	print(
		await compare('look, quarter resolution, cold', () => createRenderer().render(scene, scale / 4, steps), 'bare pass', bare, TIME / 2)
	);
}
