<script lang="ts">
	import { gatherMaterials } from '$core/materials';
	import { nameSurface } from '$core/plan';
	import { formatPour, formatVolume, formatRun, nameTape } from '$core/units';
	import ColourTable from '$lib/ui/mix/ColourTable.svelte';
	import ToolList from '$lib/ui/mix/ToolList.svelte';
	import Unmeasured from '$lib/ui/mix/Unmeasured.svelte';
	import MixPanel from '$lib/ui/mix/MixPanel.svelte';
	import PalettePanel from '$lib/ui/palette/PalettePanel.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	const quantities = $derived(piece.plan.quantities);
	const materials = $derived(gatherMaterials(piece.project.materials));
	const moreOfProduct = (material: string) => piece.plan.unmeasured?.products.find((row) => row.material === material)?.ml;
	/** Taken by unmeasured faces alone. */
	const onlyThere = $derived(
		(piece.plan.unmeasured?.products ?? []).filter((row) => !quantities.products.some((other) => other.material === row.material))
	);
	const supplies = $derived(piece.plan.supplies);
	const nameOf = (surface: string) => nameSurface(piece.plan, surface);
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	class="h-full overflow-y-auto p-6 max-narrow:h-auto max-narrow:overflow-visible max-narrow:p-3"
	tabindex="0"
	role="region"
	aria-label="Quantities"
>
	<div class="mx-auto grid max-w-[76rem] grid-cols-[1.5fr_1fr] items-start gap-6 max-narrow:grid-cols-[minmax(0,1fr)]">
		<div class="space-y-6">
			<section class="paper p-5" aria-label="Paint">
				<h2>Paint to pour out</h2>
				<p class="note">
					From the areas of the layout, with a tenth more for brush and tray (sponge 15 %, spray 30 %). Close the jar again: dipped tools
					spoil it. What is left in a jar is set in the palette below.
				</p>
				<Unmeasured />
				<ColourTable />
				<h3 class="mt-6">Everything else</h3>
				<table class="mt-1 w-full">
					<tbody>
						{#each quantities.products as row (row.material)}
							{@const volume = formatPour(row.ml, piece.project.workshop.volumes)}
							<tr class="border-t border-rule"
								><td class="py-1.5"
									>{materials.get(row.material)?.name}{#if row.mixed.length > 0}<span class="note block"
											>mixed of {row.mixed
												.map(({ of, ml }) => `${formatVolume(ml, piece.project.workshop.volumes).text} of ${of}`)
												.join(' and ')}</span
										>{/if}</td
								><td class="text-right">{row.area > 0 ? piece.writeArea(row.area) : ''}</td><td class="text-right text-lg font-bold"
									>{volume.text}{@render more(moreOfProduct(row.material))}</td
								><td class="pl-4 text-sm">{volume.spoons}</td></tr
							>
						{/each}
						{#each supplies.tapes as { width, length } (width)}
							<tr class="border-t border-rule"
								><td class="py-1.5">Tape, {nameTape(width, piece.project.units)}</td><td></td><td class="text-right text-lg font-bold"
									>{formatRun(length, piece.project.units)}</td
								><td></td></tr
							>
						{/each}
						{#if supplies.glue > 0}
							{@const glue = formatPour(supplies.glue, piece.project.workshop.volumes)}
							<tr class="border-t border-rule"
								><td class="py-1.5">Wood glue</td><td></td><td class="text-right text-lg font-bold">{glue.text}</td><td class="pl-4 text-sm"
									>{glue.spoons}</td
								></tr
							>
						{/if}
						{#each supplies.moulds as { motif, name, casts } (motif)}
							<tr class="border-t border-rule"
								><td class="py-1.5">Mould, {name}</td><td></td><td class="text-right text-lg font-bold"
									>{casts} cast{casts === 1 ? '' : 's'}</td
								><td></td></tr
							>
						{/each}
						{#each supplies.pieces as { motif, name, count } (motif)}
							<tr class="border-t border-rule"
								><td class="py-1.5">Ornament, {name}</td><td></td><td class="text-right text-lg font-bold"
									>{count} piece{count === 1 ? '' : 's'}</td
								><td></td></tr
							>
						{/each}
					</tbody>
				</table>
				{#each onlyThere as row (row.material)}<p class="text-sm">
						{materials.get(row.material)?.name}: nothing measured{@render more(row.ml)}
					</p>{/each}
			</section>
			<PalettePanel />
		</div>
		<div class="space-y-6">
			<MixPanel />
			<ToolList />
			<section class="paper p-5" aria-label="Surfaces">
				<h3>Surfaces</h3>
				<ul class="text-sm">
					{#each quantities.surfaces as { surface, area } (surface)}<li class="flex justify-between border-t border-rule py-0.5">
							<span>{nameOf(surface)}</span><span>{piece.writeArea(area)}</span>
						</li>{/each}
				</ul>
			</section>
		</div>
	</div>
</div>

{#snippet more(ml: number | undefined)}{#if ml !== undefined}<span class="block text-sm font-normal whitespace-nowrap text-ink-soft"
			>and about {piece.writePour(ml)}</span
		>{/if}{/snippet}
