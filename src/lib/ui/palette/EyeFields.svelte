<script lang="ts">
	import { convertHexToLab, convertLabToHex } from '$core/colour';
	import { Slide } from '$lib/ui/controls';

	/** A shade as the eye tells it: how light, how strong, and which; each by slide and keys. `onchange` with a name where edits follow each other. */
	let { label, hex, onchange }: { label: string; hex: string; onchange: (hex: string) => void } = $props();

	/** The strongest paint stands about so far from grey. */
	const STRONGEST = 110;
	/** What is told of it stays while it is changed here: grey has no hue, and the nearest that a screen can show another strength. */
	let told: { readonly hex: string; readonly l: number; readonly c: number; readonly h: number } | null = $state.raw(null);
	const now = $derived.by(() => {
		if (told?.hex === hex) return told;
		const { l, a, b } = convertHexToLab(hex);
		return { hex, l, c: Math.hypot(a, b), h: ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360 };
	});
	function set(change: Partial<{ l: number; c: number; h: number }>): void {
		const { l, c, h } = { ...now, ...change };
		const turn = (h * Math.PI) / 180;
		const next = convertLabToHex({ l, a: c * Math.cos(turn), b: c * Math.sin(turn) }).hex;
		told = { hex: next, l, c, h };
		onchange(next);
	}
	/** Every 30 degrees from red. */
	const HUES = ['rose', 'red', 'orange', 'yellow', 'yellow green', 'green', 'sea green', 'teal', 'sea blue', 'blue', 'violet', 'purple'];
	const hueWord = $derived(now.c < 4 ? 'grey' : HUES[Math.round(now.h / 30) % HUES.length]!);
</script>

<div class="flex items-start gap-3">
	<input
		type="color"
		class="h-10 w-16 shrink-0 border border-rule-strong bg-white p-0.5"
		aria-label={label}
		value={hex}
		oninput={(event) => onchange(event.currentTarget.value)}
	/>
	<div class="grid min-w-0 flex-1 grid-cols-[repeat(auto-fit,minmax(7rem,1fr))] gap-x-3">
		<Slide
			label="Lightness"
			value={Math.round(now.l)}
			min={0}
			max={100}
			step={1}
			says={String(Math.round(now.l))}
			onchange={(l) => set({ l })}
		/>
		<Slide
			label="Strength"
			value={Math.round(now.c)}
			min={0}
			max={STRONGEST}
			step={1}
			says={String(Math.round(now.c))}
			onchange={(c) => set({ c })}
		/>
		<Slide label="Hue" value={Math.round(now.h) % 360} min={0} max={359} step={1} says={hueWord} onchange={(h) => set({ h })} />
	</div>
</div>
