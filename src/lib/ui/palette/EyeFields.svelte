<script lang="ts">
	import { hexOfShade, nameHue, shadeOfHex, type Shade } from '$core/colour';
	import { Slide } from '$lib/ui/controls';

	/** A shade as the eye tells it: how light, how strong, and which; each by slide and keys. */
	let { label, hex, onchange }: { label: string; hex: string; onchange: (hex: string) => void } = $props();

	/** The strongest paint stands about so far from grey. */
	const STRONGEST = 110;
	/** What is told of it stays while it is changed here: grey has no hue, and the nearest that a screen can show another strength. */
	let told: { readonly hex: string; readonly shade: Shade } | null = $state.raw(null);
	const now = $derived.by(() => (told?.hex === hex ? told.shade : shadeOfHex(hex)));
	function set(change: Partial<Shade>): void {
		const shade = { ...now, ...change };
		told = { hex: hexOfShade(shade), shade };
		onchange(told.hex);
	}
	const [lightness, strength, hue] = $derived([now.lightness, now.strength, now.hue].map(Math.round) as [number, number, number]);
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
			value={lightness}
			min={0}
			max={100}
			step={1}
			says={String(lightness)}
			onchange={(next) => set({ lightness: next })}
		/>
		<Slide
			label="Strength"
			value={strength}
			min={0}
			max={STRONGEST}
			step={1}
			says={String(strength)}
			onchange={(next) => set({ strength: next })}
		/>
		<Slide label="Hue" value={hue % 360} min={0} max={359} step={1} says={nameHue(now)} onchange={(next) => set({ hue: next })} />
	</div>
</div>
