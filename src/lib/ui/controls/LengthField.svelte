<script lang="ts">
	import { formatFigure, formatFine, parseLength, type LengthUnit } from '$core/units';
	import { wordIssue } from '$core/formats';

	interface Props {
		label: string;
		/** mm */
		value: number;
		unit: LengthUnit;
		onchange: (mm: number) => void;
		/** Hidden labels are still read out. */
		hideLabel?: boolean;
		step?: number;
		/** A small length: to a hundredth of a mm or 1/64 in. */
		fine?: boolean;
		min?: number;
		max?: number;
		/** Lengths below zero make sense here, as an overlap. */
		signed?: boolean;
	}
	let { label, value, unit, onchange, hideLabel = false, step = 1, fine = false, min, max, signed = false }: Props = $props();

	const id = $props.id();
	let typed: string | null = $state(null);
	let fault: string | null = $state(null);
	const write = (mm: number) => (fine ? formatFine(mm, unit).text.replace(/ (mm|in)$/, '') : formatFigure(mm, unit, step).text);
	const shown = $derived(typed ?? write(value));

	function read(text: string): { mm: number } | { fault: string } {
		const negative = signed && /^\s*[-−]/.test(text);
		const parsed = parseLength(negative ? text.replace(/^\s*[-−]/, '') : text, unit);
		if (!parsed.ok) return { fault: wordIssue({ code: parsed.code, path: '', values: { typed: text } }, unit) };
		const mm = negative ? -parsed.mm : parsed.mm;
		if (min !== undefined && mm < min) return { fault: `At least ${write(min)}.` };
		if (max !== undefined && mm > max) return { fault: `At most ${write(max)}.` };
		return { mm };
	}

	function type(text: string): void {
		typed = text;
		const result = read(text);
		fault = null;
		if ('mm' in result && Math.abs(result.mm - value) > 1e-9) onchange(result.mm);
	}

	function leave(): void {
		if (typed === null) return;
		const result = read(typed);
		fault = 'fault' in result ? result.fault : null;
		if (!fault) typed = null;
	}
</script>

<div>
	<label class={hideLabel ? 'sr-only' : 'label'} for={id}>{label}</label>
	<input
		{id}
		class="field text-right"
		inputmode="text"
		autocomplete="off"
		value={shown}
		aria-invalid={fault !== null}
		aria-describedby={fault ? `${id}-fault` : undefined}
		oninput={(event) => type(event.currentTarget.value)}
		onblur={leave}
		onkeydown={(event) => event.key === 'Enter' && leave()}
		onfocus={(event) => event.currentTarget.select()}
	/>
	{#if fault}<p class="fault" id="{id}-fault">{fault}</p>{/if}
</div>
