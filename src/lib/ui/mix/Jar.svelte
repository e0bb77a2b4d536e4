<script lang="ts">
	/** A jar as it stands on the shelf: filled as far as it is, and a line to which pouring takes it; null: nothing is known of it. ml. */
	let { hex, left, size, takes }: { hex: string; left: number | null; size: number | null; takes: number } = $props();
	/** px: of the drawing, of its wall, and of the room inside. */
	const [WIDTH, HEIGHT] = [40, 54];
	const [TOP, BOTTOM] = [13, 51];
	const known = $derived(left !== null && size !== null);
	const levelOf = (ml: number) => BOTTOM - (BOTTOM - TOP) * Math.min(1, Math.max(0, ml / (size ?? 1)));
	const full = $derived(known ? levelOf(left!) : BOTTOM);
	const after = $derived(known ? levelOf(left! - takes) : BOTTOM);
	const id = $props.id();
</script>

<svg width={WIDTH} height={HEIGHT} viewBox="0 0 {WIDTH} {HEIGHT}" aria-hidden="true" class="shrink-0">
	<defs><clipPath {id}><path d="M9 10q0 4 -4 6v31q0 5 5 5h20q5 0 5 -5v-31q-4 -2 -4 -6z" /></clipPath></defs>
	<g clip-path="url(#{id})">
		<rect width={WIDTH} height={HEIGHT} fill="#ffffff" />
		<rect y={full} width={WIDTH} height={HEIGHT} fill={hex} />
		{#if known && takes > 0}
			<rect y={full} width={WIDTH} height={after - full} fill="#ffffff" opacity="0.45" />
			<path d="M4 {after}H36" stroke="#24211e" stroke-width="1.2" stroke-dasharray="3 2" />
		{/if}
	</g>
	<path d="M9 10q0 4 -4 6v31q0 5 5 5h20q5 0 5 -5v-31q-4 -2 -4 -6z" fill="none" stroke="#24211e" stroke-width="1.4" />
	<rect x="7" y="3" width="26" height="7" fill={known ? hex : '#ffffff'} stroke="#24211e" stroke-width="1.4" />
	{#if !known}<text x="20" y="38" text-anchor="middle" font-size="17" fill="#5d574e">?</text>{/if}
</svg>
