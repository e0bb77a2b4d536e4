<script lang="ts">
	import { gatherMaterials, wordPaint } from '$core/materials';
	import { nameSurface } from '$core/plan';
	import { formatVolume } from '$core/units';
	import Unmeasured from '$lib/ui/mix/Unmeasured.svelte';
	import MixPanel from '$lib/ui/mix/MixPanel.svelte';
	import PalettePanel from '$lib/ui/palette/PalettePanel.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	let { data } = $props();
	const piece = usePiece();
	const quantities = $derived(piece.plan.quantities);
	const materials = $derived(gatherMaterials(piece.project.materials));
	const colourOf = (id: string) => piece.project.palette.find((colour) => colour.id === id);
	const coatName = (id: string) => piece.plan.order.find(({ coat }) => coat === id)!.title.toLowerCase();
	const toolsByCoat = $derived(
		piece.project.finish.coats
			.map((coat) => ({ coat: coat.id, tools: quantities.tools.filter((tool) => tool.coat === coat.id) }))
			.filter(({ tools }) => tools.length > 0)
	);
	const moreOf = (colour: string, material: string) =>
		piece.plan.unmeasured?.paints.find((row) => row.colour === colour && row.material === material)?.ml;
	const moreOfProduct = (material: string) => piece.plan.unmeasured?.products.find((row) => row.material === material)?.ml;
	/** Taken by unmeasured faces alone. */
	const onlyThere = $derived({
		paints: (piece.plan.unmeasured?.paints ?? []).filter(
			(row) => !quantities.paints.some((other) => other.colour === row.colour && other.material === row.material)
		),
		products: (piece.plan.unmeasured?.products ?? []).filter((row) => !quantities.products.some((other) => other.material === row.material))
	});
	const nameOf = (surface: string) => nameSurface(piece.plan, surface);
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="h-full overflow-y-auto p-6" tabindex="0" role="region" aria-label="Quantities">
	<div class="mx-auto grid max-w-[76rem] grid-cols-[1.5fr_1fr] items-start gap-6">
		<div class="space-y-6">
			<section class="paper p-5" aria-label="Paint">
				<h2>Paint to pour out</h2>
				<p class="note">
					From the areas of the layout, with a tenth more for brush and tray (sponge 15 %, spray 30 %). Close the jar again: dipped tools
					spoil it.
				</p>
				<Unmeasured />
				{#if quantities.paints.length === 0}<p class="mt-3">
						No coat of paint yet. Shade the fronts in Lay out, or add a base coat in Coats.
					</p>{/if}
				<table class="mt-3 w-full">
					<thead class="text-left text-sm text-ink-soft"
						><tr
							><th class="font-normal" colspan="2">Colour</th><th class="pl-3 text-right font-normal whitespace-nowrap">area, m²</th><th
								class="pl-4 text-right font-normal">pour</th
							><th class="pl-4 font-normal">or</th></tr
						></thead
					>
					<tbody>
						{#each quantities.paints as row (row.colour + row.material)}
							{@const colour = colourOf(row.colour)}
							{@const volume = formatVolume(row.ml)}
							<tr class="border-t border-rule align-top">
								<td class="w-14 py-2"><span class="block h-9 w-11 border border-ink" style:background={colour?.hex}></span></td>
								<td class="py-2">
									<input
										class="field !min-h-[28px] font-medium"
										aria-label="Name of the colour"
										value={colour?.name}
										maxlength="80"
										onchange={(event) =>
											event.currentTarget.value.trim() &&
											piece.edit(
												(draft) => void (draft.palette.find((other) => other.id === row.colour)!.name = event.currentTarget.value.trim())
											)}
									/>
									<span class="note"
										>{wordPaint(materials.get(row.material))} · {row.uses
											.map((use) => `${coatName(use.coat)} ${formatVolume(use.ml).ml}`)
											.join(', ')}</span
									>
								</td>
								<td class="py-2 pl-3 text-right">{row.area.toFixed(3)}</td>
								<td class="py-2 pl-4 text-right text-lg leading-tight font-bold whitespace-nowrap"
									>{volume.ml}{@render more(moreOf(row.colour, row.material))}</td
								>
								<td class="py-2 pl-4 text-sm whitespace-nowrap">{volume.spoons}</td>
							</tr>
						{/each}
					</tbody>
				</table>
				{#each onlyThere.paints as row (row.colour + row.material)}<p class="text-sm">
						{colourOf(row.colour)?.name}: nothing measured{@render more(row.ml)}
					</p>{/each}

				{#if quantities.jars.length > 0}
					<h3 class="mt-6">From the jars</h3>
					<p class="note">
						With what the mixes take{piece.plan.unmeasured ? '; without what is not measured' : ''}. Set what is left in a jar in the
						palette below.
					</p>
					<table class="mt-1 w-full">
						<tbody>
							{#each quantities.jars as jar (jar.colour)}
								<tr class="border-t border-rule"
									><td class="py-1.5">{colourOf(jar.colour)?.name}</td><td class="text-right font-bold">{formatVolume(jar.ml).ml}</td>
									<td class="pl-4 text-right text-sm"
										>{#if jar.toBuy === null || jar.left === null || jar.size === null}what is in the jar is not known{:else if jar.toBuy > 0}<b
												class="text-must">! buy {jar.toBuy} of {formatVolume(jar.size).ml}</b
											>, {formatVolume(jar.left).ml} left{:else}<span class="text-well">✓ enough</span>, {formatVolume(jar.left).ml} left{/if}</td
									></tr
								>
							{/each}
						</tbody>
					</table>
				{/if}

				<h3 class="mt-6">Everything else</h3>
				<table class="mt-1 w-full">
					<tbody>
						{#each quantities.products as row (row.material)}
							{@const volume = formatVolume(row.ml)}
							<tr class="border-t border-rule"
								><td class="py-1.5">{materials.get(row.material)?.name}</td><td class="text-right"
									>{row.area > 0 ? `${row.area.toFixed(3)} m²` : ''}</td
								><td class="text-right text-lg font-bold">{volume.ml}{@render more(moreOfProduct(row.material))}</td><td
									class="pl-4 text-sm">{volume.spoons}</td
								></tr
							>
						{/each}
					</tbody>
				</table>
				{#each onlyThere.products as row (row.material)}<p class="text-sm">
						{materials.get(row.material)?.name}: nothing measured{@render more(row.ml)}
					</p>{/each}
			</section>
			<PalettePanel shelf={data.shelf} />
		</div>
		<div class="space-y-6">
			<MixPanel />
			<section class="paper p-5" aria-label="Tools">
				<h2>To lay out</h2>
				{#each toolsByCoat as { coat, tools } (coat)}
					<h3 class="mt-3 !text-base">For the {coatName(coat)}</h3>
					<ul>
						{#each tools as { tool, count } (tool)}<li class="flex justify-between border-t border-rule py-0.5">
								<span>{tool}</span><b>{count}</b>
							</li>{/each}
					</ul>
				{/each}
			</section>
			<section class="paper p-5" aria-label="Surfaces">
				<h3>Surfaces</h3>
				<ul class="text-sm">
					{#each quantities.surfaces as { surface, area } (surface)}<li class="flex justify-between border-t border-rule py-0.5">
							<span>{nameOf(surface)}</span><span>{area.toFixed(3)} m²</span>
						</li>{/each}
				</ul>
			</section>
		</div>
	</div>
</div>

{#snippet more(ml: number | undefined)}{#if ml !== undefined}<span class="block text-sm font-normal whitespace-nowrap text-ink-soft"
			>and about {formatVolume(ml).ml}</span
		>{/if}{/snippet}
