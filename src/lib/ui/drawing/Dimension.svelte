<script lang="ts">
	import { formatFigure, type LengthUnit } from '$core/units';

	interface Props {
		/** Both ends and the place of the line, px. */
		from: number;
		to: number;
		at: number;
		/** Where the thing measured ends, px. */
		off: number;
		mm?: number;
		/** The figure itself, where it is not the length as a tape shows it. */
		text?: string | undefined;
		unit: LengthUnit;
		upright?: boolean;
		ember?: boolean;
		/** A guess, not a reading. */
		guess?: boolean;
		fault?: boolean;
		/** A narrow one stands on the outer side of its line, where its neighbours do not. */
		outer?: boolean;
	}
	let {
		from,
		to,
		at,
		off,
		mm = 0,
		text: given,
		unit,
		upright = false,
		ember = false,
		guess = false,
		fault = false,
		outer = true
	}: Props = $props();

	const colour = $derived(fault ? 'var(--color-must)' : ember ? 'var(--color-ember)' : 'var(--color-ink)');
	const out = $derived(Math.sign(at - off) || 1);
	const text = $derived(guess ? '?' : (given ?? formatFigure(mm, unit).text));
	/** px: of a letter along the line, and of a tick at either end, which no figure touches. */
	const LETTER = 7;
	const TICK = 6;
	const middle = $derived((from + to) / 2);
	/** A short span has no room for its figure: it stands beside. */
	const short = $derived(to - from < text.length * LETTER + 2 * TICK);
	const p = (along: number, across: number) => (upright ? `${across} ${along}` : `${along} ${across}`);
</script>

<g stroke={colour} fill="none" stroke-width="1" aria-hidden="true" pointer-events="none">
	<path d="M{p(from, at)}L{p(to, at)}" stroke-dasharray={guess ? '3 3' : undefined} />
	<path d="M{p(from, off + out * 4)}L{p(from, at + out * 5)}M{p(to, off + out * 4)}L{p(to, at + out * 5)}" />
	{#each [from, to] as end, i (i)}
		{@const x = upright ? at : end}
		{@const y = upright ? end : at}
		{@const half = Math.min(4, Math.max(1.5, (to - from) / 2))}
		<path d="M{x - half} {y + half}L{x + half} {y - half}" stroke-width={half < 3 ? 1.2 : 2} />
	{/each}
	<text
		x={upright ? (short ? (outer ? at + 8 : at - 5) : at - 4) : middle}
		y={upright ? (short ? middle + 4 : middle) : short ? (outer ? at + 16 : at - TICK - 2) : at - 4}
		transform={upright && !short ? `rotate(-90 ${at - 4} ${middle})` : undefined}
		text-anchor={upright && short ? (outer ? 'start' : 'end') : 'middle'}
		fill={colour}
		stroke={short ? 'var(--color-ground)' : 'none'}
		stroke-width={short ? 3 : 0}
		font-size="13.5"
		font-weight={ember || fault ? 700 : 500}
		paint-order="stroke">{text}</text
	>
</g>
