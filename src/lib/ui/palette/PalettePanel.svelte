<script lang="ts">
	import { guessWet, type Colour } from '$core/colour';
	import { setColour } from '$core/project';
	import { freeId } from '$core/layers';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import { Pick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { announce } from '$lib/ui/api/announce';
	import { onMount } from 'svelte';
	import ColourPanel from './ColourPanel.svelte';

	const piece = usePiece();
	/** The page can be come to while the workshop does not answer: its shelf is asked for by itself. */
	let shelf: readonly Colour[] = $state.raw([]);
	onMount(async () => {
		const answer = await askWorkshop<readonly Colour[]>('/api/colours');
		if (answer.ok) shelf = answer.value;
		else fault = `What is on the shelf is not known. ${answer.faults[0]!.message}`;
	});
	const palette = $derived(piece.project.palette);
	let chosen: string | null = $state(null);
	const colour = $derived(palette.find(({ id }) => id === chosen));
	/** What was put on the shelf since this page was opened stands before what was there. */
	let kept: readonly Colour[] = $state.raw([]);
	const onShelf = $derived([...kept, ...shelf.filter(({ id }) => !kept.some((one) => one.id === id))]);
	const free = $derived(onShelf.filter(({ name }) => !palette.some((one) => one.name === name)));
	let fault: string | null = $state(null);

	function add(hex = '#8b8d7f', name = `Colour ${palette.length + 1}`): void {
		const id = freeId('colour', palette);
		piece.replace(setColour(piece.project, { id, name, hex, opacity: 0.95 }));
		chosen = id;
	}
	function takeFromShelf(id: string): void {
		const from = onShelf.find((one) => one.id === id);
		if (!from) return;
		const next = { ...from, id: palette.some((one) => one.id === from.id) ? freeId(from.id, palette) : from.id };
		piece.replace(setColour(piece.project, next));
		chosen = next.id;
	}
	async function keep(one: Colour): Promise<void> {
		const answer = await askWorkshop('/api/colours', { method: 'POST', json: one });
		fault = answer.ok ? null : answer.faults[0]!.message;
		if (!answer.ok) return;
		kept = [one, ...kept.filter(({ id }) => id !== one.id)];
		announce(`${one.name} is on the shelf: every piece can take it.`);
	}
</script>

<section class="paper p-5" aria-label="Palette">
	<h2>Palette</h2>
	<p class="note">Each as it dries, with its wet shade at the left.</p>
	<div class="mt-2 grid grid-cols-[13rem_1fr] items-start gap-5">
		<div>
			<ul>
				{#each palette as one (one.id)}
					<li>
						<button
							class="flex w-full items-center gap-2 border-b-[3px] px-1 py-1 text-left hover:text-ember-deep pointer-coarse:min-h-11 {chosen ===
							one.id
								? 'border-ember font-bold'
								: 'border-transparent'}"
							aria-pressed={chosen === one.id}
							onclick={() => (chosen = chosen === one.id ? null : one.id)}
						>
							<span class="flex h-7 w-12 shrink-0 border border-ink"
								><span class="w-1/3" style:background={one.wet ?? guessWet(one.hex)}></span><span class="flex-1" style:background={one.hex}
								></span></span
							>
							<span class="min-w-0 flex-1 truncate">{one.name}</span>
							{#if one.mix}<span class="note">mix</span>{:else if one.jar}<span class="note">{piece.writeVolume(one.jar.left)}</span>{/if}
						</button>
					</li>
				{/each}
			</ul>
			<button class="button mt-2 text-sm" onclick={() => add()}>One more colour</button>
			{#if free.length > 0}
				<div class="mt-2">
					<Pick
						label="From the shelf"
						value=""
						placeholder="choose a colour"
						options={free.map(({ id, name, hex }) => ({ value: id, text: name, swatch: hex }))}
						onchange={takeFromShelf}
					/>
				</div>
			{/if}
			{#if fault}<p class="fault" role="alert">{fault}</p>{/if}
		</div>
		{#if colour}{#key colour.id}<ColourPanel {colour} ongone={() => (chosen = null)} onkeep={keep} />{/key}
		{:else}<p class="note pt-1">
				Choose a colour to set its shade, how well it hides, and what is left in its jar; or read a new one.
			</p>{/if}
	</div>
</section>
