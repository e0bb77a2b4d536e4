<script lang="ts">
	import type { Stage } from '$core/plan';
	import { formatLength } from '$core/units';
	import type { ListedPiece } from './types';

	interface Props {
		piece: ListedPiece;
		/** Pixels per mm, the same for all but what would be too small to be seen. */
		scale: number;
		onremove: () => void;
		oncopy: () => void;
	}
	let { piece, scale: common, onremove, oncopy }: Props = $props();
	const card = $derived(piece.card?.kind === 'sound' ? piece.card : null);
	/** The longer side of the least picture, px. */
	const LEAST = 96;
	const scale = $derived(card ? Math.max(common, LEAST / Math.max(card.width, card.height)) : common);

	const STAGES: Readonly<Record<Stage, string>> = {
		measuring: 'being measured',
		'laying-out': 'being laid out',
		ordering: 'coats to put in order',
		ready: 'ready for the bench'
	};
</script>

{#if piece.card?.kind === 'faulty'}
	{@render faulty(piece.card.faults)}
{:else}
	<li class="group">
		<a
			href="/pieces/{piece.id}/{card?.stage === 'measuring' || piece.card?.kind === 'stopped' ? 'measure' : 'layout'}"
			class="block no-underline"
		>
			<span class="flex items-end">
				{#if card}
					<span
						class="block {card.stands ? 'border-b-[3px] border-ink' : ''} {card.isBox
							? 'bg-paper shadow-[0_1px_7px_#0006]'
							: 'drop-shadow-[0_1px_4px_#0006]'}"
						style:width="{card.width * scale}px"
						style:height="{card.height * scale}px"
					>
						<img class="block h-full w-full" src="/api/pieces/{piece.id}/card?of={piece.cardVersion}" alt="Picture of {piece.name}" />
					</span>
				{:else}
					<span
						class="flex h-[120px] w-[170px] items-center justify-center border border-dashed border-ink p-3 text-center text-sm text-[#2f2a24]"
						>{piece.card?.kind === 'stopped' ? 'its picture takes too long to be made' : 'its picture is being made'}</span
					>
				{/if}
			</span>
			{#if scale > common}<span class="block text-xs text-[#3f3a33]">drawn {Math.round((10 * scale) / common) / 10} times as large</span
				>{/if}
			<span
				class="mt-3 block font-head text-lg font-semibold [overflow-wrap:anywhere] group-hover:text-ember-deep"
				style:max-width="{Math.max(176, (card?.width ?? 0) * scale)}px">{piece.name}</span
			>
			{#if card}
				<span class="block text-sm">{STAGES[card.stage]}</span>
				<span class="block text-sm text-[#3f3a33]"
					>{card.estimated
						? 'not measured yet'
						: `${formatLength(card.width, card.units).text} × ${formatLength(card.height, card.units).text}`}</span
				>
			{/if}
		</a>
		{@render ways()}
	</li>
{/if}

{#snippet faulty(told: readonly { path: string; message: string }[])}
	<li class="paper max-w-[17rem] border-t-2 border-t-must p-3">
		<span class="block font-head text-lg font-semibold">{piece.name}</span>
		<p class="fault mt-1 font-bold">This piece is stored with a fault and cannot be shown.</p>
		<ul>
			{#each told.slice(0, 3) as fault, i (i)}<li class="fault mt-1">
					<b class="break-all">{fault.path ? `${fault.path}: ` : ''}</b>{fault.message}
				</li>{/each}
		</ul>
		<p class="note mt-1">Save its project file, put that right and open it; or take the piece out.</p>
		{@render ways()}
	</li>
{/snippet}

{#snippet ways()}
	<span class="mt-1 flex gap-3 text-sm pointer-coarse:mt-4 pointer-coarse:gap-6">
		<a class="touch text-[#3f3a33] underline hover:text-ember-deep" href="/pieces/{piece.id}/file" download>project file</a>
		{#if piece.card?.kind !== 'faulty'}<button
				class="touch text-[#3f3a33] underline hover:text-ember-deep"
				onclick={() => oncopy()}
				aria-label="Copy {piece.name}">copy</button
			>{/if}
		<button class="touch text-[#3f3a33] underline hover:text-ember-deep" onclick={() => onremove()}>take out</button>
	</span>
{/snippet}
