import { expect, it } from 'vitest';
import { planProject } from '../../plan';
import { readExample } from '../../../../tests/readExample';
import { RULES } from '../index';

const findingsOf = (order: string) => {
	const { errors, findings } = planProject(readExample(order).project);
	expect(errors).toEqual([]);
	return findings.map(({ rule, kind }) => `${rule} ${kind}`).sort();
};

/** Finishes as they are done, each with what is said of it: nothing that must, and three cautions at most. */
it.each<[name: string, order: string, said: string[]]>([
	[
		'small box',
		'hardware-masked; clean:degreaser-rinse rounds=2; base; blend; wipe-back into; scuff; transfer pieces=3 wait=1440; transfer; burnish; burnish; clear; hardware-on',
		[]
	],
	[
		'drawer front in relief',
		'ground=veneer | hardware-off; clean; sand; paste; sand through; base; clear:clear-coat-matte; glaze; stencil:metallic-paint colour=sand-bar; clear:clear-coat-matte; hardware-on',
		[]
	],
	[
		'round board',
		'new no-hardware striped | dust; base colour=hull-white; stripe applicator=sponge colour=slack-water; gilding-wax wait=1440; scuff; transfer wait=1440; burnish; crackle:crackle-first; crackle:crackle-second wait=30; glaze wait=1440',
		[]
	],
	[
		'cupboard',
		'hardware-off; tighten; fill-damage damage=corner; sand; clean; prime:shellac-clear; scuff; base x2 colour=hull-white; stain on=frame; paper on=drawer-1; glaze clear; glaze into done=ragged; wipe-back keeps=edges; wax; hardware-on',
		['open-time should']
	],
	[
		'mirror frame',
		'no-hardware | clean; base; paste:puff-gel; base:milk-paint; base:milk-paint colour=hull-white; distress way=wet at=heights; wax; wax:dark-wax wait=20; buff',
		[]
	],
	[
		'dresser',
		'hardware-off; clean; base:emulsion-chalk x2; base:emulsion-chalk; blend:emulsion-chalk into; wipe-back; wax:chalky-wax; buff wait=45; gilding-wax; hardware-on',
		['guard-coat should']
	],
	[
		'bedside like workcloth',
		'hardware-off; clean; sand bare on=frame; base colour=hull-white; comb colour=slack-water; comb way=upright colour=slack-water; dry-brush:chalk-paint colour=estuary; dry-brush:chalk-paint colour=hull-white; gilding-wax; wax wait=1440; hardware-on',
		[]
	],
	[
		'bench with a cracked top',
		'new no-hardware | dust; prime; base x2 colour=estuary; crackle; base colour=hull-white; distress; clear; wax',
		[]
	],
	['stained table', 'bare no-hardware | dust; sand; stain; clear:tough-clear-coat x2; buff when=tack', ['buff-time should']],
	[
		'gilded frame',
		'no-hardware | clean; prime:shellac-clear; scuff; base colour=estuary x2; size; leaf; burnish; clear; wipe-back keeps=hollows colour=estuary; clear',
		[]
	],
	['weathered gate', 'no-hardware ground=knotty | clean; sand; prime:shellac-primer; scuff; wash on=frame; base on=drawers x2; clear', []],
	['waxed chest', 'no-hardware | clean; base x2; wax; wax:dark-wax wait=20; powder wait=60; buff when=next-day', []]
])('a %s goes in as it is', (_name, order, said) => {
	expect(findingsOf(order)).toEqual(said);
});

/** What nobody would do is told, each thing once. */
it.each<[nonsense: string, order: string, said: string[]]>([
	['wax first, paint on it', 'no-hardware | wax; base', ['clean-first must', 'no-water-on-wax must']],
	[
		'leaf on wet paint, and crackle on nothing',
		'no-hardware | clean; base; leaf wait=0; crackle; clear',
		['crackle-pair must', 'leaf-tack must']
	],
	[
		'a transfer in wet paint, waxed unburnished',
		'no-hardware | clean; base; transfer wait=0; wax',
		['transfer-burnish must', 'transfer-dry must', 'transfer-smooth note']
	],
	['powder on bare paint, buffed', 'no-hardware | clean; base; powder; buff; clear', ['buff-time should', 'dust-window must']]
])('tells of %s', (_name, order, said) => {
	expect(findingsOf(order).filter((one) => said.includes(one) || one.endsWith('must'))).toEqual(
		said.filter((one) => !one.startsWith('guard-coat'))
	);
});

/** Two findings that say the same of the same step, or ask for the same change, are one too many. */
it('says nothing twice', () => {
	for (const { id, examples } of RULES)
		for (const [, order] of examples.bad) {
			const told = planProject(readExample(order).project).findings.map(({ coat, what }) => `${coat}: ${what}`);
			expect(
				told.filter((one, i) => told.indexOf(one) < i),
				`${id}: ${order}`
			).toEqual([]);
		}
});
