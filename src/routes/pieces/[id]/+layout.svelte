<script lang="ts">
	import type { PlanError } from '$core/plan';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import PieceHeader from '$lib/ui/piece-page/PieceHeader.svelte';
	import type { OpenedPiece } from '$lib/ui/piece-state';
	import { onMount } from 'svelte';

	let { data, children } = $props();
	const { shell } = $derived(data);

	/** The page comes without the piece; the browser opens it. What works on it is fetched meanwhile. */
	let record: OpenedPiece | null = $state.raw(null);
	let faults: readonly PlanError[] = $state.raw([]);
	async function open(): Promise<void> {
		faults = [];
		const answer = await askWorkshop<OpenedPiece>(`/api/pieces/${shell.id}`);
		if (answer.ok) record = answer.value;
		else faults = answer.faults;
	}
	onMount(() => void open());
</script>

{#snippet picture()}
	{#if shell.card?.kind === 'sound'}
		<img
			class="max-h-[45vh] max-w-[60vw] shadow-[0_1px_7px_#0006]"
			src="/api/pieces/{shell.id}/card?of={shell.cardVersion}"
			alt="Picture of {shell.name}"
		/>
	{/if}
{/snippet}

{#snippet closed()}
	<div class="flex h-screen min-h-[560px] flex-col">
		<PieceHeader id={shell.id} name={shell.name} />
		<main class="flex min-h-0 flex-1 flex-col items-center justify-center gap-6 p-6">
			{#if faults.length > 0}
				<div class="paper max-w-lg p-5" role="alert">
					<h2 class="text-lg">This piece could not be opened</h2>
					<ul class="mt-2">
						{#each faults.slice(0, 6) as fault, i (i)}<li class="fault mt-1">
								<b class="break-all">{fault.path ? `${fault.path}: ` : ''}</b>{fault.message}
							</li>{/each}
					</ul>
					<p class="mt-3 text-sm">It is kept as it is. Save its project file, put that right and open it; or try again.</p>
					<p class="mt-3 flex gap-2">
						<button class="button" onclick={open}>Try again</button>
						<a class="button" href="/pieces/{shell.id}/file" download>Project file</a>
					</p>
				</div>
			{:else}
				{@render picture()}
				<p class="text-sm" role="status">Opening</p>
			{/if}
		</main>
	</div>
{/snippet}

{#if record === null}
	{@render closed()}
{:else}
	{#await import('$lib/ui/piece-page/PiecePage.svelte')}{@render closed()}{:then { default: PiecePage }}
		<PiecePage {record} card={shell} {children} />
	{/await}
{/if}
