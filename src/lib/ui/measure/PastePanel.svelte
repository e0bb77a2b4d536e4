<script lang="ts">
	import { readReadings, wordIssue, writeReadings } from '$core/formats';
	import { usePiece } from '$lib/ui/piece-state';
	import type { Target } from './targets';

	let { targets, ondone }: { targets: readonly Target[]; ondone: () => void } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	let text = $state('');
	let faults: readonly string[] = $state([]);
	const list = $derived(writeReadings(targets.map(({ name, value }) => ({ name, text: String(value) }))));

	function take(): void {
		const read = readReadings(text, targets, unit);
		if (!read.ok) {
			faults = read.issues.map((issue) => wordIssue(issue, unit));
			return;
		}
		piece.editFace((face) => {
			for (const { id, text } of read.readings) targets.find((target) => target.id === id)!.set(face, text);
		});
		ondone();
	}
	async function open(input: HTMLInputElement): Promise<void> {
		const file = input.files?.[0];
		if (file) text = await file.text();
		faults = [];
		input.value = '';
	}
</script>

<section class="mt-3 border border-rule-strong bg-white p-3" aria-label="Readings from a list">
	<label class="label" for="readings-list">One reading on a line, in the order of the tape; or its name, a comma, and the reading</label>
	<textarea
		id="readings-list"
		class="field mt-1 h-32 font-mono text-sm"
		bind:value={text}
		placeholder={list.split('\n').slice(0, 5).join('\n')}></textarea>
	{#if faults.length > 0}
		<div role="alert" class="mt-1">
			<p class="fault font-bold">Nothing was taken over yet:</p>
			<ul>
				{#each faults.slice(0, 6) as fault, i (i)}<li class="fault">{fault}</li>{/each}
			</ul>
			{#if faults.length > 6}<p class="fault">and {faults.length - 6} more.</p>{/if}
		</div>
	{/if}
	<div class="mt-2 flex flex-wrap items-center gap-2">
		<button class="button" disabled={text.trim() === ''} onclick={take}>Take them over</button>
		<label class="text-sm"
			><span class="sr-only">A file of readings</span><input
				type="file"
				accept=".csv,.txt,text/csv,text/plain"
				class="w-56 text-sm"
				onchange={(event) => open(event.currentTarget)}
			/></label
		>
		<a class="text-sm underline" download="readings.csv" href="data:text/csv;charset=utf-8,{encodeURIComponent(list)}"
			>the list to fill in</a
		>
	</div>
</section>
