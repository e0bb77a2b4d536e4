<script lang="ts">
	import { gatherMaterials, wordPaint } from '$core/materials';
	import { listColourRows, type ColourRow } from '$core/plan';
	import { formatVolume } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import Jar from './Jar.svelte';

	/** Every colour on a card of its own, as painters keep them: a dab of it, what to pour for which coats, and its jar. */
	const piece = usePiece();
	const rows = $derived(listColourRows(piece.plan.quantities, piece.plan.unmeasured));
	const materials = $derived(gatherMaterials(piece.project.materials));
	const colourOf = (id: string) => piece.project.palette.find((colour) => colour.id === id);
	const coatName = (id: string) => piece.plan.order.find(({ coat }) => coat === id)!.label.toLowerCase();

	function rename(id: string, name: string): void {
		if (name.trim()) piece.edit((draft) => void (draft.palette.find((other) => other.id === id)!.name = name.trim()));
	}
	function partsOf({ colour }: ColourRow): string {
		const parts = colourOf(colour)?.mix?.map((part) => `${part.parts} ${colourOf(part.colour)?.name ?? part.colour}`) ?? [];
		return parts.length > 0 ? `mixed: ${parts.join(', ')}` : '';
	}
	/** The edge of a dab of the brush, each its own. */
	const DABS = [
		'M4 9C20 2 60 6 96 4c30-2 44 1 52 6 4 12-2 22-8 27-34 5-84 1-126 4C4 36 0 20 4 9z',
		'M2 12C24 3 52 8 88 5c34-3 54 2 60 8 1 10 2 20-6 25-40 2-88-1-130 2C3 34 3 22 2 12z',
		'M6 6C32 5 70 1 106 6c24 2 38 3 42 9 3 9-1 20-10 24-38 1-80 3-122 1C6 35-1 17 6 6z'
	];
</script>

{#if rows.length === 0}<p class="mt-3">No coat of paint yet. Shade the fronts in Lay out, or add a base coat in Coats.</p>
{:else}
	<ul class="mt-3 grid grid-cols-[repeat(auto-fill,minmax(19rem,1fr))] gap-3" aria-label="Colours">
		{#each rows as row, i (row.colour)}
			{@const colour = colourOf(row.colour)}
			<li class="border border-rule bg-white px-3 pt-2 pb-3 shadow-[0_1px_3px_#0003]">
				<div class="flex items-start gap-3">
					<div class="min-w-0 flex-1">
						<svg viewBox="0 0 152 44" class="h-10 w-full" preserveAspectRatio="none" aria-hidden="true"
							><path
								d={DABS[i % DABS.length]}
								fill={colour?.hex}
								stroke="#24211e"
								stroke-opacity="0.25"
								vector-effect="non-scaling-stroke"
							/></svg
						>
						<input
							class="mt-1 w-full border-b border-transparent bg-transparent font-head text-lg font-semibold hover:border-rule-strong focus:border-ember pointer-coarse:min-h-11"
							aria-label="Name of the colour"
							value={colour?.name}
							maxlength="80"
							onchange={(event) => rename(row.colour, event.currentTarget.value)}
						/>
					</div>
					{#if row.jar}<div class="flex flex-col items-center text-sm leading-tight">
							<Jar hex={colour?.hex ?? '#ffffff'} left={row.jar.left} size={row.jar.size} takes={row.jar.ml} />
							{#if row.jar.toBuy === null || row.jar.left === null || row.jar.size === null}<span class="note">not known</span>
							{:else}
								{#if row.jar.toBuy > 0}<b class="text-must">! buy {row.jar.toBuy}</b><span class="whitespace-nowrap"
										>of {piece.writeVolume(row.jar.size)}</span
									>{:else}<span class="text-well">✓ enough</span>{/if}
								<span class="note whitespace-nowrap">{piece.writeVolume(row.jar.left)} left</span>
							{/if}
						</div>{/if}
				</div>
				{#each row.pours as pour (pour.material)}
					<p class="mt-1 flex flex-wrap items-baseline gap-x-2">
						{#if pour.area > 0 || pour.more === null}<b class="text-lg">{piece.writePour(pour.ml)}</b>{/if}
						{#if pour.area > 0}<span class="text-sm">{formatVolume(pour.ml).spoons}</span>{/if}
						{#if pour.more !== null}<span class="note">{pour.area > 0 ? 'and' : 'not measured,'} about {piece.writePour(pour.more)}</span
							>{/if}
					</p>
					<p class="note">
						{wordPaint(materials.get(pour.material))}{pour.area > 0 ? `, ${piece.writeArea(pour.area)}` : ''}{pour.uses.length > 0
							? ` · ${pour.uses.map((use) => `${piece.writeVolume(use.ml)} for ${coatName(use.coat)}`).join('; ')}`
							: ''}
					</p>
				{/each}
				{#if row.keep > 0}<p class="note">
						and {piece.writeVolume(row.keep)} to keep back, in a closed jar with its name and the date: for touching up
					</p>{/if}
				{#if partsOf(row)}<p class="note">{partsOf(row)}; from their jars</p>{/if}
				{#if row.inMixes > 0.05}<p class="note">{piece.writeVolume(row.inMixes)} of it in mixes</p>{/if}
			</li>
		{/each}
	</ul>
{/if}
