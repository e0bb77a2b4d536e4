<script lang="ts">
	import { SimulatedDevice } from '$lib/ui/device/SimulatedDevice';
	import { formatFigure } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import { onDestroy, untrack } from 'svelte';
	import { remember, truthOf } from './truePieces';
	import type { Target } from './targets';

	interface Props {
		targets: readonly Target[];
		/** Where the next reading goes. */
		next: string | null;
		onnext: (id: string | null) => void;
	}
	let { targets, next, onnext }: Props = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const target = $derived(targets.find(({ id }) => id === next));

	interface Taken {
		readonly id: string;
		readonly name: string;
		readonly text: string;
		readonly before: string;
	}
	let taken: readonly Taken[] = $state.raw([]);
	let running = $state(false);
	const stood = untrack(() => truthOf(piece, piece.faceInput.id));
	$effect.pre(() => remember(stood, targets));
	/** The device is asked for nothing: it sends, and what it sends goes where the painter stands. */
	const device = new SimulatedDevice(stood, () => target?.id ?? null);
	const stop = device.listen(receive);
	onDestroy(() => {
		stop();
		device.stop();
	});

	function receive(mm: number): void {
		/** As it stands now: taking the reading moves on to the next. */
		const now = target;
		if (!now) return;
		const text = unit === 'in' ? formatFigure(mm, 'in').text : formatFigure(mm, 'mm', 0.1).text;
		taken = [...taken, { id: now.id, name: now.name, text, before: String(now.value) }];
		piece.editFace((face) => now.set(face, text));
		const at = targets.findIndex(({ id }) => id === now.id);
		const open = [...targets.slice(at + 1), ...targets.slice(0, at)].find(({ value }) => value === '');
		onnext(open?.id ?? null);
		if (!open) halt();
	}
	function takeBack(): void {
		const last = taken.at(-1);
		if (!last) return;
		taken = taken.slice(0, -1);
		piece.editFace((face) => targets.find(({ id }) => id === last.id)?.set(face, last.before));
		onnext(last.id);
	}
	function run(): void {
		running = true;
		device.start();
	}
	function halt(): void {
		running = false;
		device.stop();
	}
</script>

<section class="mt-3 border border-rule-strong bg-white p-3" aria-label="Measuring device">
	<p class="note">
		A stand-in for a real device: it measures the piece as it was drawn when you took it up, with the noise of a hand, and now and then a
		wrong edge.
	</p>
	<p class="mt-1">
		{#if target}Next: <b>{target.name}</b>{:else}Every reading is taken. Click on one to take it again.{/if}
	</p>
	<div class="mt-2 flex flex-wrap gap-2">
		<button class="button" disabled={!target} onclick={() => device.press()}>Send one</button>
		{#if running}<button class="button" onclick={halt}>Stop</button>{:else}<button class="button" disabled={!target} onclick={run}
				>One after the other</button
			>{/if}
		<button class="button" disabled={taken.length === 0} onclick={takeBack}>Take the last back</button>
		<button
			class="button button-quiet underline"
			onclick={() => {
				stood.clear();
				remember(stood, targets);
			}}>The drawing is right now: measure by it</button
		>
	</div>
	{#if taken.length > 0}
		<ol class="mt-2 text-sm" aria-live="polite">
			{#each taken.slice(-4) as one, i (`${taken.length} ${i}`)}<li class="flex justify-between border-t border-rule">
					<span>{one.name}</span><span>{one.text}</span>
				</li>{/each}
		</ol>
	{/if}
</section>
