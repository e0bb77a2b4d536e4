import highsLoader, { type Highs } from 'highs';
import { colourRounds, THOROUGH } from '../src/core/layout';
import { compare, print } from './ratio';

type Near = readonly (readonly number[])[];

/** Lays in rows on a face, so that each is in conflict with its neighbours; some by hand between them. */
function laysAtRandom(count: number, seed: number): Near {
	let state = seed * 2654435761;
	const random = () => (state = (state * 1664525 + 1013904223) >>> 0) / 2 ** 32;
	const boxes = Array.from({ length: count }, () => ({
		x: random() * 500,
		y: random() * 500,
		w: 60 + random() * 120,
		h: 60 + random() * 120
	}));
	return boxes.map((a, i) =>
		boxes.flatMap((b, j) => (i !== j && a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h ? [j] : []))
	);
}

/** The same as a mixed-integer program: a lay in one round, no two in conflict in one, rounds used from the first on. */
function solveByProgram(highs: Highs, near: Near): number {
	const most = Math.max(1, ...near.map((others) => others.length + 1));
	const rounds = Array.from({ length: most }, (_, r) => r);
	const lines = near.flatMap((others, i) => [
		`${rounds.map((r) => `x${i}_${r}`).join(' + ')} = 1`,
		...others.filter((j) => j > i).flatMap((j) => rounds.map((r) => `x${i}_${r} + x${j}_${r} - y${r} <= 0`)),
		...rounds.map((r) => `x${i}_${r} - y${r} <= 0`)
	]);
	const order = rounds.slice(1).map((r) => `y${r} - y${r - 1} <= 0`);
	const names = [...rounds.map((r) => `y${r}`), ...near.flatMap((_, i) => rounds.map((r) => `x${i}_${r}`))];
	const program = `Minimize\n ${rounds.map((r) => `y${r}`).join(' + ')}\nSubject To\n ${[...lines, ...order].join('\n ')}\nBinary\n ${names.join(' ')}\nEnd`;
	return Math.round(highs.solve(program).ObjectiveValue);
}

export async function benchLays(): Promise<void> {
	const highs = await highsLoader();
	const small = Array.from({ length: 12 }, (_, i) => laysAtRandom(9, i + 1));
	for (const near of small) {
		const [ours, theirs] = [colourRounds(near), solveByProgram(highs, near)];
		if (ours.count !== theirs || ours.least !== ours.count) throw new Error(`rounds: ${ours.count} against ${theirs}`);
	}
	print(
		await compare(
			'rounds of 12 times 9 lays, equal count',
			() => small.map((near) => colourRounds(near)),
			'a mixed-integer solver',
			() => small.map((near) => solveByProgram(highs, near))
		)
	);
	const cases = Array.from({ length: 100 }, (_, i) => laysAtRandom(40, i + 1));
	const times = cases.map((near) => {
		const begun = performance.now();
		const { count, least } = colourRounds(near, THOROUGH);
		return { ms: performance.now() - begun, proved: count === least };
	});
	const ms = times.map((one) => one.ms).sort((a, b) => a - b);
	console.log(
		`rounds of 40 lays at random: ${times.filter(({ proved }) => proved).length} of 100 proved; ${ms[50]!.toFixed(2)} ms in the middle, ${ms[97]!.toFixed(1)} in 98 of 100, ${ms[99]!.toFixed(1)} at most`
	);
}
