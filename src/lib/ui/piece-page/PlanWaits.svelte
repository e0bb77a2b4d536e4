<script lang="ts">
	import { dropArrangement, dropZone } from '$core/project';
	import FaceMini from '$lib/ui/drawing/FaceMini.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	/** The plan that is waited for: that it is made, or why it is not, and what can be done meanwhile. `isAll`: it is all that is shown. */
	let { isAll = false }: { isAll?: boolean } = $props();
	const piece = usePiece();
	const { planning } = piece;
	const waiting = $derived(planning.waiting);
	const WHY = {
		time: 'This came to no end in half a minute.',
		painter: 'Stopped.',
		failed: 'This took more memory than there is for it.',
		before: 'This took more memory than there is for it when its picture was made, so it is not begun by itself.'
	} as const;
	const shown = $derived(piece.screen === 'measure' ? 'The faces here are as they are now' : 'What is shown is as it was before');
	const lies = $derived([
		...piece.project.layout.zones.map(({ id, name }) => ({ id, name, drop: dropZone })),
		...piece.project.layout.arrangements.map(({ id, name }) => ({ id, name, drop: dropArrangement }))
	]);
	/** The larger side of its face, px. */
	const SIDE = 200;
</script>

<div class="flex flex-wrap items-center gap-x-4 gap-y-2 text-sm" role="status">
	{#if waiting.kind === 'stopped'}
		<p><b class="text-must">{WHY[waiting.why]}</b> {isAll ? 'Nothing is lost.' : `${shown}.`}</p>
		<button class="button" onclick={() => planning.again()}>Work it out {waiting.why === 'before' ? 'all the same' : 'again'}</button>
	{:else}
		<span class="h-3 w-3 animate-pulse rounded-full bg-ember motion-reduce:animate-none" aria-hidden="true"></span>
		<p>
			{isAll ? 'What lies on this piece is being worked out; it takes longer than most.' : `Being worked out. ${shown}.`}
		</p>
		<button class="button" onclick={() => planning.stop()}>Stop</button>
	{/if}
</div>
{#if isAll}
	<div class="mt-4 flex gap-6 border-t border-rule pt-4">
		<a href="/pieces/{piece.id}/measure" class="shrink-0 text-sm no-underline hover:text-ember-deep">
			<FaceMini face={piece.face} side={SIDE} />
			<span class="mt-1 block max-w-[200px] underline">Its faces can be looked at and put right meanwhile, in Measure</span>
		</a>
		{#if lies.length > 0}
			<div class="min-w-0 flex-1 text-sm">
				<h2 class="text-base">What lies on it</h2>
				<ul class="mt-1 max-h-64 overflow-y-auto">
					{#each lies as { id, name, drop } (id)}<li class="flex items-baseline justify-between gap-3 border-t border-rule py-1">
							<span class="min-w-0 truncate">{name}</span>
							<button
								class="whitespace-nowrap underline hover:text-ember-deep"
								aria-label="Take out {name}"
								onclick={() => piece.replace(drop(piece.project, id))}>take it out</button
							>
						</li>{/each}
				</ul>
			</div>
		{/if}
	</div>
{/if}
