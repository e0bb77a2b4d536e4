<script lang="ts">
	import { MOTIF_USES, type Motif } from '$core/layout';
	import type { PlanError } from '$core/plan';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import { FilePick, Fold } from '$lib/ui/controls';
	import MotifPicture from '$lib/ui/motif/MotifPicture.svelte';
	import LetterFields from './LetterFields.svelte';

	let { motifs, onbrought, onchoose }: { motifs: readonly Motif[]; onbrought: () => Promise<void>; onchoose: (motif: Motif) => void } =
		$props();
	let faults: readonly PlanError[] = $state([]);
	let passed: readonly PlanError[] = $state([]);
	/** A picture that is to be traced. */
	let picture: File | null = $state.raw(null);

	const HEADINGS: Readonly<Record<(typeof MOTIF_USES)[number], string>> = {
		single: 'By themselves',
		border: 'For borders and rows',
		corner: 'For corners',
		field: 'For fields',
		line: 'Lines',
		letters: 'Lettering'
	};
	const groups = $derived(
		MOTIF_USES.map((use) => ({ use, motifs: motifs.filter((motif) => (motif.use ?? 'single') === use) })).filter(
			(group) => group.motifs.length > 0
		)
	);

	async function bring(file: File): Promise<void> {
		[faults, passed, picture] = [[], [], null];
		if (/^image\/(png|jpeg|webp)$/.test(file.type)) return void (picture = file);
		const answer = await askWorkshop<{ notRead: PlanError[] }>(`/api/motifs?name=${encodeURIComponent(file.name)}`, {
			method: 'POST',
			type: 'image/svg+xml',
			body: await file.text()
		});
		if (answer.ok) passed = answer.value.notRead;
		else faults = answer.faults;
		await onbrought();
	}

	/** Keeps a motif that was made here, and lays it. */
	async function keep(motif: Motif): Promise<void> {
		const answer = await askWorkshop('/api/motifs', { method: 'POST', json: motif });
		faults = answer.ok ? [] : answer.faults;
		if (!answer.ok) return;
		picture = null;
		await onbrought();
		onchoose(motif);
	}
</script>

{#each groups as { use, motifs: own } (use)}
	<h4 class="label mt-2 first:mt-0">{HEADINGS[use]}</h4>
	<ul class="flex flex-wrap gap-1.5">
		{#each own as motif (motif.id)}
			<li>
				<button
					class="flex h-[5.4rem] w-[5.4rem] flex-col items-center justify-between border border-rule bg-white p-1 hover:border-ember"
					onclick={() => onchoose(motif)}
					aria-label="Lay {motif.name}"
				>
					<MotifPicture {motif} class="h-12 w-[4.6rem]" /><span class="w-full truncate text-center text-sm">{motif.name}</span>
				</button>
			</li>
		{/each}
	</ul>
{/each}
{#if motifs.length === 0}<p class="note">The store has no motif yet. Bring one in as an SVG, drawn in mm, or as a silhouette.</p>{/if}
<div class="mt-2 border-t border-rule">
	<Fold label="Write a line in stencil letters"><LetterFields {motifs} onkeep={keep} /></Fold>
	<div class="mt-2">
		<FilePick
			label="Bring in a drawing (SVG), or a silhouette (PNG, JPEG)"
			accept=".svg,image/svg+xml,image/png,image/jpeg,image/webp"
			onfile={bring}
		/>
	</div>
</div>
{#each faults as fault, i (i)}<p class="fault mt-1" role="alert">{fault.path ? `${fault.path}: ` : ''}{fault.message}</p>{/each}
{#if passed.length > 0}
	<div class="mt-1" role="status">
		<p class="note">It is in the store. Not read of it:</p>
		<ul class="note list-disc pl-5">
			{#each passed as { path, message }, i (i)}<li>{path}: {message}</li>{/each}
		</ul>
	</div>
{/if}
{#if picture}{#await import('./SilhouetteFields.svelte') then { default: SilhouetteFields }}<SilhouetteFields
			{picture}
			{motifs}
			onkeep={keep}
			onleave={() => (picture = null)}
		/>{/await}{/if}
