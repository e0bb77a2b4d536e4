<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import type { Motif } from '$core/layout';
	import type { PlanError } from '$core/plan';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import MotifPicture from '$lib/ui/motif/MotifPicture.svelte';

	let { motifs, onchoose }: { motifs: readonly Motif[]; onchoose: (motif: Motif) => void } = $props();
	let faults: readonly PlanError[] = $state([]);

	async function bring(input: HTMLInputElement): Promise<void> {
		const file = input.files?.[0];
		input.value = '';
		if (!file) return;
		const answer = await askWorkshop(`/api/motifs?name=${encodeURIComponent(file.name)}`, {
			method: 'POST',
			type: 'image/svg+xml',
			body: await file.text()
		});
		faults = answer.ok ? [] : answer.faults;
		await invalidateAll();
	}
</script>

<ul class="flex flex-wrap gap-2">
	{#each motifs as motif (motif.id)}
		<li>
			<button
				class="flex h-24 w-24 flex-col items-center justify-between border border-rule bg-white p-1.5 hover:border-ember"
				onclick={() => onchoose(motif)}
				aria-label="Lay {motif.name}"
			>
				<MotifPicture {motif} class="h-14 w-20" /><span class="text-sm">{motif.name}</span>
			</button>
		</li>
	{/each}
</ul>
{#if motifs.length === 0}<p class="note">The store has no motif yet. Bring one in as an SVG of filled shapes, drawn in mm.</p>{/if}
<label class="label mt-2"
	>Bring in an SVG of your own <input
		class="mt-1 block w-full text-sm"
		type="file"
		accept=".svg,image/svg+xml"
		onchange={(event) => bring(event.currentTarget)}
	/></label
>
{#each faults as fault, i (i)}<p class="fault mt-1" role="alert">{fault.path ? `${fault.path}: ` : ''}{fault.message}</p>{/each}
