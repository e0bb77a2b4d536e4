<script lang="ts">
	import { INKS, type Page } from '$core/sheets';

	let { page }: { page: Page } = $props();
	const ringsPath = (rings: readonly (readonly number[])[]) => rings.map((ring) => `M${ring.join(' ')}Z`).join('');
</script>

<svg
	viewBox="0 0 {page.width} {page.height}"
	class="block w-full bg-white shadow-[0_1px_6px_#0005]"
	role="img"
	aria-label="Page: {page.title}"
	font-family="'Alegreya Sans', sans-serif"
	text-rendering="geometricPrecision"
>
	{#each page.items as item, i (i)}
		{#if item.kind === 'line'}
			<line
				x1={item.x1}
				y1={item.y1}
				x2={item.x2}
				y2={item.y2}
				stroke={INKS[item.ink]}
				stroke-width={item.weight}
				stroke-dasharray={item.dashed ? '1.2 1' : undefined}
			/>
		{:else if item.kind === 'rect'}
			<rect
				x={item.x}
				y={item.y}
				width={item.width}
				height={item.height}
				stroke={INKS[item.ink]}
				stroke-width={item.weight}
				fill={item.fill ?? 'none'}
			/>
		{:else if item.kind === 'circle'}
			<circle cx={item.x} cy={item.y} r={item.radius} stroke={INKS[item.ink]} stroke-width={item.weight} fill={item.fill ?? 'none'} />
		{:else if item.kind === 'rings'}
			<path
				d={ringsPath(item.rings)}
				fill={item.fill ?? 'none'}
				fill-rule={item.rule ?? 'evenodd'}
				stroke={INKS[item.ink]}
				stroke-width={item.weight}
			/>
		{:else}
			<text
				x={item.x}
				y={item.y}
				font-size={item.size}
				fill={INKS[item.ink]}
				font-weight={item.bold ? 700 : 400}
				text-anchor={item.anchor ?? 'start'}
				transform={item.turn ? `rotate(${-item.turn} ${item.x} ${item.y})` : undefined}>{item.text}</text
			>
		{/if}
	{/each}
</svg>
