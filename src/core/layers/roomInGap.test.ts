import { expect, it } from 'vitest';
import { readExample } from '../../../tests/readExample';
import { ARRANGEMENTS } from '../layout';
import { planProject } from '../plan';
import type { Project } from '../project';

/** One motif on a drawer, so far above its middle that its top edge cuts it, or not. */
function withMotif(order: string, y: number): Project {
	const { project } = readExample(order);
	const [reeds] = project.layout.arrangements as [Extract<Project['layout']['arrangements'][number], { kind: 'run' }>];
	const motif = project.layout.motifs.find(({ id }) => id === reeds.motif)!;
	const start = ARRANGEMENTS.single.start({
		id: 'reeds',
		name: 'Reeds',
		motif,
		parts: ['drawer-1'],
		shortest: 100,
		scale: 0.5,
		round: Math.round
	});
	const single = { ...start, at: 'centre' as const, offset: { x: 0, y } };
	return { ...project, layout: { ...project.layout, arrangements: [single] } };
}

it('what stands up stands forward: it takes no room in a gap, not where an edge cuts it either; what hangs over that is wiped', () => {
	const wipes = (plan: ReturnType<typeof planProject>) =>
		plan.order.find(({ kind }) => kind === 'paste')!.how.some((line) => line.startsWith('Wipe what hangs'));
	const roomOf = (plan: ReturnType<typeof planProject>) => plan.gaps.map(({ gap, left, film }) => [gap, left, ...film]);
	const bare = planProject(withMotif('clean', 0));
	const [inside, cut] = [0, -80].map((y) => planProject(withMotif('clean; paste', y)));
	expect(cut!.items.map(({ cutBy }) => cutBy)).toEqual([['top']]);
	expect(inside!.items.map(({ cutBy }) => cutBy)).toEqual([[]]);
	expect(roomOf(cut!)).toEqual(roomOf(bare));
	expect([wipes(inside!), wipes(cut!)]).toEqual([false, true]);
	/** A film over all of it goes over its edges. */
	const painted = planProject(withMotif('clean; base x2', -80));
	for (const [i, { left, film }] of painted.gaps.entries()) {
		expect(left).toBeCloseTo(bare.gaps[i]!.left - film[0] - film[1], 9);
		expect(film[0] + film[1]).toBeGreaterThan(0.1);
	}
});
