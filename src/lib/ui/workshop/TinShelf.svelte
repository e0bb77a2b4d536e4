<script lang="ts">
	import type { Material } from '$core/layers';
	import { keepTin, withLabel, type WorkshopSettings } from '$core/project';
	import { formatDuration } from '$core/units';
	import TinFields from '$lib/ui/coats/TinFields.svelte';
	import { KIND_WORDS } from '$lib/ui/coats/materialWords';
	import { Fold } from '$lib/ui/controls';

	/** The tins of this workshop, each with what its label says. */
	let { settings, onchange }: { settings: WorkshopSettings; onchange: (materials: Material[]) => void } = $props();
	let sought = $state('');
	const tins = $derived(
		[...settings.materials]
			.sort((a, b) => a.name.localeCompare(b.name))
			.filter(({ name, kind }) => `${name} ${KIND_WORDS[kind]}`.toLowerCase().includes(sought.trim().toLowerCase()))
	);
	const says = ({ recoat, coverage }: Material) => `next coat after ${formatDuration(recoat)}, ${Number(coverage.toFixed(1))} m² a litre`;
</script>

{#if settings.materials.length === 0}
	<p class="mt-1">
		No tin of your own yet. In Coats, under the material of a step, write down what its label says: it stands here from then on, and is
		found on every piece.
	</p>
{:else}
	{#if settings.materials.length > 6}
		<label class="label" for="tin-sought">Find a tin</label>
		<input id="tin-sought" class="field" bind:value={sought} />
	{/if}
	<ul class="mt-2 space-y-2">
		{#each tins as tin (tin.id)}
			<li class="border border-rule bg-white px-3 py-2">
				<p class="flex items-baseline justify-between gap-3">
					<b>{tin.name}</b>
					<button
						class="touch text-sm underline hover:text-ember-deep"
						aria-label="Take {tin.name} off the shelf"
						onclick={() => onchange(settings.materials.filter(({ id }) => id !== tin.id))}>take it off</button
					>
				</p>
				<p class="note">{KIND_WORDS[tin.kind]} · {says(tin)}</p>
				<Fold label="What its label says">
					<div class="mt-1">
						<TinFields
							record={tin}
							volumes={settings.volumes}
							isOwn
							onchange={(change) => onchange(keepTin(settings.materials, withLabel(tin, change)))}
						/>
					</div>
				</Fold>
			</li>
		{:else}<li class="note">None is called so.</li>{/each}
	</ul>
	<p class="note mt-2">
		A piece that has a tin says so when its figures change here, and takes them by one click; nothing is planned anew by itself.
	</p>
{/if}
