<script lang="ts">
	import { WORKSHOP_LIGHT } from '$core/preview';
	import { Pop, Slide } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** Turns the face to the light: shadows and relief follow the lamp, and what is glossy mirrors it. */
	const piece = usePiece();
	const light = $derived(piece.view.light);
	/** Beyond its end the lamp is not mirrored at all. */
	const OFF = -20;
	const gleam = $derived(light.gleam === undefined || light.gleam === null ? OFF : Math.round(light.gleam * 100));
	const WAYS = ['the right', 'above right', 'above', 'above left', 'the left'];
	const from = $derived(WAYS[Math.round(light.angle / 45)] ?? 'above');
</script>

<Pop label="Turn it to the light" side="top">
	<div class="w-64 space-y-1">
		<Slide
			label="The lamp stands"
			value={180 - light.angle}
			min={0}
			max={180}
			step={5}
			says={from}
			onchange={(turn) => (piece.view.light = { ...light, angle: 180 - turn })}
		/>
		<Slide
			label="It is mirrored"
			value={gleam}
			min={OFF}
			max={110}
			step={2}
			says={gleam === OFF ? 'not' : gleam < 35 ? 'at the far side' : gleam < 66 ? 'in the middle' : 'at the near side'}
			onchange={(at) => (piece.view.light = { ...light, gleam: at === OFF ? null : at / 100 })}
		/>
		<p class="note">Glossy places show the lamp, matte ones do not.</p>
		<button class="button text-sm" onclick={() => (piece.view.light = WORKSHOP_LIGHT)}>As it was</button>
	</div>
</Pop>
