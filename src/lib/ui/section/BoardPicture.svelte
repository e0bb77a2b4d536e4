<script lang="ts">
	import type { Tread } from './describeTreads';
	import type { Board } from './drawBoard';
	import type { Fit } from './fitTreads';

	interface Props {
		treads: readonly Tread[];
		board: Board;
		fit: Fit;
		/** px: above the board; its own height; of the wood in it; where it is cut. */
		labels: number;
		height: number;
		wood: number;
		cut: number;
		picked: number | null;
		moving: string | null;
	}
	let { treads, board, fit, labels, height, wood, cut, picked, moving }: Props = $props();

	const ground = $derived(height - wood);
	const TOPS = { porous: '1 3.2', waxy: '9 4', glossy: undefined, plain: undefined } as const;
	const topAt = (at: number) => board.topOf(at);
</script>

{#snippet slabs()}
	<rect x="0.5" y={ground} width={fit.end} height={wood - 0.5} fill="url(#wood-hatch)" stroke="#3a352f" stroke-width="0.9" />
	{#each board.slabs as slab (slab.at)}
		{@const tread = treads[slab.at]!}
		<path
			d={slab.d}
			fill={tread.fills.length > 1 ? `url(#fill-${tread.coat})` : (tread.fills[0] ?? '#fff')}
			stroke={picked === slab.at ? 'var(--color-ember)' : '#3a352f'}
			stroke-width={picked === slab.at ? 1.6 : 0.7}
			stroke-linejoin="round"
			opacity={moving !== null && moving === tread.coat ? 0.75 : 1}
		/>
		{#if tread.edge !== 'plain'}
			<path
				d={slab.top}
				transform="translate(0 {tread.edge === 'glossy' ? 1.6 : -0.4})"
				fill="none"
				stroke={tread.edge === 'glossy' ? '#fff' : '#24211e'}
				stroke-width={tread.edge === 'glossy' ? 1.8 : tread.edge === 'waxy' ? 2 : 1.6}
				stroke-dasharray={TOPS[tread.edge]}
				stroke-linecap={tread.edge === 'waxy' ? 'round' : 'butt'}
			/>
		{/if}
	{/each}
	{#each board.slabs as { at, broken } (at)}
		{#if broken}
			<path d={broken} fill="none" stroke="var(--color-paper)" stroke-width="3.6" />
			<path d={broken} fill="none" stroke="#3a352f" stroke-width="0.9" />
		{/if}
	{/each}
{/snippet}

<svg class="absolute inset-0 h-full w-full" aria-hidden="true">
	<defs>
		<pattern id="wood-hatch" width="18" height="8" patternUnits="userSpaceOnUse">
			<rect width="18" height="8" fill="#d9be96" />
			<path d="M0 4C6 1.5 12 6.5 18 4" stroke="#b08b5b" stroke-width="0.9" fill="none" />
		</pattern>
		{#each board.slabs as slab (slab.at)}
			{@const { coat, fills } = treads[slab.at]!}
			{#if fills.length > 1}
				<linearGradient id="fill-{coat}" gradientUnits="userSpaceOnUse" x1={slab.from} x2={slab.to} spreadMethod="reflect">
					{#each fills as fill, i (i)}<stop offset={i / (fills.length - 1)} stop-color={fill} />{/each}
				</linearGradient>
			{/if}
		{/each}
		<clipPath id="board-laid"><rect x="0" y="-10" width={Math.max(0, cut)} height={height + 20} /></clipPath>
		<clipPath id="board-open"><rect x={cut} y="-10" width={Math.max(0, fit.end - cut + 2)} height={height + 20} /></clipPath>
	</defs>
	<g transform="translate(0 {labels})">
		{#each fit.columns as { steps, x, width } (steps[0])}
			{@const tread = treads[steps.find((at) => treads[at]!.kind !== 'mark') ?? steps[0]!]!}
			{@const middle = x + width / 2}
			{@const ends = fit.names === 'turned' ? middle : x}
			{#if tread.kind === 'mark'}
				<path
					d="M{middle} {fit.names === 'turned' ? 0 : Math.min(0, 38 - labels)}V{height - 2}"
					stroke="#5d574e"
					stroke-width="1.1"
					stroke-dasharray="2 3.4"
					fill="none"
				/>
				<circle cx={middle} cy={ground} r={steps.length > 1 ? 5 : 3.6} fill="var(--color-paper)" stroke="#5d574e" stroke-width="1.2" />
			{:else if tread.kind === 'elsewhere'}
				<path
					d="M{ends} {fit.names === 'turned' ? 0 : -labels + 4}V{ground}"
					stroke="#8f877a"
					stroke-width="0.9"
					stroke-dasharray="4 4"
					fill="none"
				/>
				<path d="M{x + 3} {topAt(tread.at) - 5}h{width - 6}" stroke="#8f877a" stroke-width="0.9" stroke-dasharray="4 3" fill="none" />
			{:else}
				<path
					d="M{ends} {fit.names === 'turned' ? 0 : -labels + 4}V{topAt(steps.at(-1)!)}"
					stroke="#8f877a"
					stroke-width="0.9"
					fill="none"
				/>
			{/if}
		{/each}
		<g clip-path="url(#board-open)" opacity="0.24">{@render slabs()}</g>
		<g clip-path="url(#board-laid)">{@render slabs()}</g>
	</g>
</svg>
