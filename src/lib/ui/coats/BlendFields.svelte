<script lang="ts">
	import { BRUSH_SCHOOLS, BRUSH_WORDS, METHODS, MOST_HANDS, type Blend } from '$core/layers';
	import { doesMove } from '$core/piece';
	import { nameSurface } from '$core/plan';
	import { formatDuration, formatLatest, formatLength } from '$core/units';
	import { NumberField, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { coat }: { coat: Blend } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const work = $derived(piece.plan.blends.find((other) => other.coat === coat.id));
	const moves = $derived(piece.plan.faces.some((face) => face.parts.some(doesMove)));
	const nameOf = (id: string) => nameSurface(piece.plan, id);

	function set(change: Partial<Blend>, together = ''): void {
		piece.setCoat({ ...coat, ...change }, together);
	}
	const stretch = ({ along, from, to }: { along: 'down' | 'across'; from: number; to: number }) =>
		`${formatLength(from, unit).text} to ${formatLength(to, unit).text} ${along === 'down' ? 'from the top' : 'from the left'}`;
</script>

<RadioRow
	label="Method"
	value={coat.method}
	options={Object.values(METHODS).map(({ id, name, says }) => ({ value: id, text: name, title: says }))}
	onchange={(method) => set({ method })}
/>
<p class="note">{METHODS[coat.method].says}</p>
{#if coat.method === 'mist-and-feather'}
	<RadioRow
		label="Brushes at the joins"
		value={coat.brushes}
		options={BRUSH_SCHOOLS.map((value) => ({ value, text: BRUSH_WORDS[value] }))}
		onchange={(brushes) => set({ brushes })}
	/>
{/if}
{#if moves}
	<RadioRow
		label="Drawers and doors"
		value={coat.drawers ?? 'in'}
		options={[
			{ value: 'in', text: 'left in' },
			{ value: 'out', text: 'taken out' }
		]}
		onchange={(drawers) => set({ drawers })}
	/>
{/if}
<div class="grid grid-cols-2 gap-2">
	<NumberField
		label="Extender adds"
		unit="min"
		whole
		value={coat.extender ?? 0}
		min={0}
		max={240}
		onchange={(extender) => set({ extender }, 'extender')}
	/>
	<NumberField
		label="Working at once"
		whole
		value={coat.hands ?? 1}
		min={1}
		max={MOST_HANDS}
		onchange={(hands) => set({ hands }, 'hands')}
	/>
</div>
{#if work && work.sections.length > 0}
	<section aria-label="Sections">
		<h3>In sections</h3>
		<p class="note">
			{#if work.open !== null && work.holds !== null}Open for {formatLatest(work.open)} in this workshop: {piece.writeArea(work.holds)} at a time,
				at {piece.writeArea(work.rate)} a minute to begin from.{:else}It need not be kept wet.{/if}
			{formatDuration(work.minutes)} a pass{work.passes > 1 ? `, ${work.passes} passes` : ''}.
		</p>
		<ol class="mt-1 list-decimal pl-5 text-sm">
			{#each work.sections as section, i (i)}
				<li class="border-t border-rule py-0.5">
					<span class="flex justify-between gap-2"
						><span>{section.parts.map(nameOf).join(', ')}{section.stretch ? `: ${stretch(section.stretch)}` : ''}</span><span
							class="shrink-0 whitespace-nowrap">{formatDuration(section.minutes)} · {piece.writeVolume(section.ml)}</span
						></span
					>
				</li>
			{/each}
		</ol>
		{#each work.tooLarge as large (large.part)}
			<div class="mt-1 border-l-4 border-ember pl-2 text-sm">
				<p>
					<b>! {nameOf(large.part)} is too large to be done while it is wet</b>: it takes {formatDuration(large.minutes)}, {formatDuration(
						large.short
					)} too long. Cut where the list says, or:
				</p>
				{#each large.remedies as remedy (remedy.says)}<button class="button mt-1 mr-1 text-sm" onclick={() => piece.setCoat(remedy.coat)}
						>{remedy.says}</button
					>{/each}
			</div>
		{/each}
	</section>
{/if}
