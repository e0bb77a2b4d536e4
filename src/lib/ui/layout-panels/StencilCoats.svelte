<script lang="ts">
	import { COAT_WORDS, freeId, type Coat } from '$core/layers';
	import { RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import ColourChoice from './ColourChoice.svelte';

	type Stencil = Extract<Coat, { kind: 'stencil' }>;

	/** The coats that go through an arrangement: each has a colour and an edge of its own. */
	let { arrangement }: { arrangement: string } = $props();
	const piece = usePiece();
	const coats = $derived(
		piece.project.finish.coats.filter((coat): coat is Stencil => coat.kind === 'stencil' && coat.arrangement === arrangement)
	);
	const set = (id: string, change: Partial<Stencil>) =>
		piece.edit(
			(draft) =>
				void Object.assign(
					draft.finish.coats.find((coat) => coat.id === id)!,
					change
				)
		);

	/** Another goes on after the last: the same sheet laid back, for a second colour. */
	function add(): void {
		const { coats: all } = piece.project.finish;
		const last = coats.at(-1);
		const base = all.find((coat) => coat.kind === 'base');
		const coat: Coat = {
			kind: 'stencil',
			wait: null,
			material: base && 'material' in base ? base.material : 'chalk-paint',
			times: 1,
			thickness: 1,
			applicator: 'brush',
			colour: piece.project.palette.at(-1)!.id,
			edge: 'soft',
			...last,
			id: freeId('stencil', all),
			arrangement
		};
		const protects = all.findIndex(({ kind }) => kind === 'clear' || kind === 'wax');
		const at = last ? all.indexOf(last) + 1 : protects < 0 ? all.length : protects;
		piece.edit((draft) => void draft.finish.coats.splice(at, 0, coat as never));
	}
</script>

{#each coats as coat, i (coat.id)}
	<fieldset class={coats.length > 1 ? 'border-l-2 border-rule pl-3' : ''}>
		{#if coats.length > 1}<legend class="label">{COAT_WORDS.stencil} {i + 1}</legend>{/if}
		<RadioRow
			label="Edge"
			value={coat.edge}
			options={[
				{ value: 'soft', text: 'soft' },
				{ value: 'crisp', text: 'crisp' }
			]}
			onchange={(edge) => set(coat.id, { edge })}
		/>
		<ColourChoice label="Its colour" value={coat.colour} onchange={(colour) => set(coat.id, { colour })} />
	</fieldset>
{:else}
	<p class="border-l-4 border-ember pl-2 text-sm"><b>!</b> No coat goes through it yet: it is drawn as an outline and takes no paint.</p>
{/each}
<button class="button text-sm" onclick={add}>{coats.length === 0 ? 'Stencil it' : 'Another coat through it'}</button>
