<script lang="ts">
	import { colourOf, newStencil, newStripe, whereOf, wordCoat, type Coat } from '$core/layers';
	import { judgeContrast, leastContrast } from '$core/colour';
	import { addCoat, coloursUnder, paintOf } from '$core/project';
	import { KIND_FIELDS } from '$lib/ui/coats/kindFields';
	import { usePiece } from '$lib/ui/piece-state';
	import type { Component } from 'svelte';

	/** The coats that go through an arrangement: each has a colour and an edge of its own. */
	let { arrangement, of }: { arrangement: string; of: 'motif' | 'tape' } = $props();
	const piece = usePiece();
	const coats = $derived(piece.project.finish.coats.filter((coat) => whereOf(coat).through === arrangement));
	const under = $derived.by(() => {
		const parts = piece.project.layout.arrangements.find(({ id }) => id === arrangement)?.parts;
		return parts === undefined ? [] : coloursUnder(piece.project, parts, piece.plan).flatMap((id) => hexOf(id) ?? []);
	});
	const hexOf = (id: string) => piece.project.palette.find((colour) => colour.id === id)?.hex;
	const WORDS = { lost: '! It is lost in what lies under it', quiet: 'It stands out quietly', clear: 'It stands out' } as const;
	function contrastOf(coat: Coat): string | null {
		const colour = colourOf(coat);
		const hex = typeof colour === 'string' ? hexOf(colour) : undefined;
		const out = hex ? leastContrast(hex, under) : null;
		if (out === null || hex === undefined) return null;
		/** Near to one of the colours there, but well seen on another: no fault, but said. */
		const best = Math.max(...under.map((ground) => leastContrast(hex, [ground])!.difference));
		if (judgeContrast(out) === 'lost' && judgeContrast({ ...out, difference: best }) !== 'lost')
			return 'It stands out, but for where a colour near to its own lies under it.';
		const lightness = Math.round(out.lightness);
		const apart = lightness === 0 ? 'as light as' : `lighter or darker by ${lightness} of 100 than`;
		return `${WORDS[judgeContrast(out)]}: ${apart} the nearest colour under it (colour and lightness together: ${Math.round(out.difference)}).`;
	}
	const fieldsOf = (coat: Coat) => KIND_FIELDS[coat.kind] as Component<{ coat: Coat }> | undefined;

	/** Another goes on after the last: the same sheet laid back, for a second colour. */
	function add(): void {
		const last = coats.at(-1);
		const colour = (last && colourOf(last)) ?? piece.project.palette.at(-1)!.id;
		const paint = paintOf(piece.project);
		const coat =
			of === 'tape' && typeof colour === 'string' ? newStripe(arrangement, colour, paint) : newStencil(arrangement, colour, paint);
		const at = last ? piece.project.finish.coats.indexOf(last) + 1 : undefined;
		piece.replace(addCoat(piece.project, coat, at).project);
	}
</script>

{#each coats as coat, i (coat.id)}
	{@const Fields = fieldsOf(coat)}
	<fieldset class={coats.length > 1 ? 'space-y-2 border-l-2 border-rule pl-3' : 'space-y-2'}>
		{#if coats.length > 1}<legend class="label">{wordCoat(coat)} {i + 1}</legend>{/if}
		{#if Fields}<Fields {coat} />{/if}
		{#if contrastOf(coat)}<p class="note">{contrastOf(coat)}</p>{/if}
	</fieldset>
{:else}
	<p class="border-l-4 border-ember pl-2 text-sm"><b>!</b> No coat goes through it yet: it is drawn as an outline and takes no paint.</p>
{/each}
<button class="button text-sm" onclick={add}
	>{coats.length === 0
		? of === 'tape'
			? 'Paint it'
			: 'Stencil it'
		: of === 'tape'
			? 'Another colour of it'
			: 'Another coat through it'}</button
>
