<script lang="ts">
	import { countBare, readReadings, wordIssue, writeReadings } from '$core/formats';
	import { walkReadings } from '$core/piece';
	import { FilePick, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { listOrders, orderFor, type Order } from './orders';
	import type { Target } from './targets';

	let { targets, ondone }: { targets: readonly Target[]; ondone: () => void } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	let text = $state('');
	let faults: readonly string[] = $state([]);
	let chosen: Order['id'] | null = $state(null);
	const list = $derived(writeReadings(targets.map(({ name, value }) => ({ name, text: String(value) }))));
	const links = $derived(new Set(walkReadings(piece.faceInput.chain).map(({ entry }) => entry.id)));
	/** Bare readings go by their order alone: which one is asked, and shown, before any is taken over. */
	const count = $derived(countBare(text));
	const orders = $derived(listOrders(targets, links).filter((order) => count !== null && order.targets.length >= count));
	const order = $derived(count === null ? null : (orders.find(({ id }) => id === chosen) ?? orderFor(count, orders)));
	const read = $derived(readReadings(text, order?.targets ?? targets, unit));
	const goes = $derived(
		order && read.ok
			? read.readings.map(({ id, text }) => {
					const { name, value } = targets.find((target) => target.id === id)!;
					return { id, name, text, before: value === '' || String(value) === text ? '' : String(value) };
				})
			: []
	);

	function take(): void {
		if (!read.ok) {
			faults = read.issues.map((issue) => wordIssue(issue, unit));
			return;
		}
		piece.editFace((face) => {
			for (const { id, text } of read.readings) targets.find((target) => target.id === id)!.set(face, text);
		});
		ondone();
	}
	async function open(file: File): Promise<void> {
		text = await file.text();
		faults = [];
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
	{#if order}
		<div class="mt-2">
			{#if orders.length > 1}<RadioRow
					label="{count} bare {count === 1 ? 'reading' : 'readings'}: which are they?"
					value={order.id}
					options={orders.map(({ id, text }) => ({ value: id, text }))}
					onchange={(id) => (chosen = id)}
				/>{/if}
			{#if goes.length > 0}<ol class="mt-1 columns-2 gap-4 text-sm" aria-label="Which goes where">
					{#each goes as one (one.id)}<li class="flex justify-between gap-2 border-b border-rule">
							<span class="truncate">{one.name}</span>
							<span class="whitespace-nowrap"
								>{#if one.before}<s class="text-ink-soft">{one.before}</s>{/if} <b>{one.text}</b></span
							>
						</li>{/each}
				</ol>{/if}
		</div>
	{/if}
	<div class="mt-2 flex flex-wrap items-center gap-2">
		<button class="button" disabled={text.trim() === ''} onclick={take}>Take them over</button>
		<a class="text-sm underline" download="readings.csv" href="data:text/csv;charset=utf-8,{encodeURIComponent(list)}"
			>the list to fill in</a
		>
	</div>
	<div class="mt-2"><FilePick label="A file of readings" accept=".csv,.txt,text/csv,text/plain" onfile={open} /></div>
</section>
