<script lang="ts">
	interface Props {
		label: string;
		/** Null: not known. */
		value: number | null;
		min: number;
		max: number;
		/** Whole numbers only. */
		whole?: boolean;
		/** What an arrow key adds; ten times with Shift. */
		step?: number;
		/** Written after it. */
		unit?: string;
		/** What it is for, below it. */
		note?: string;
		onchange: (value: number) => void;
	}
	let { label, value, min, max, whole = false, step = whole ? 1 : 0.01, unit, note, onchange }: Props = $props();

	const id = $props.id();
	let typed: string | null = $state(null);
	let fault: string | null = $state(null);
	const shown = $derived(typed ?? (value === null ? '' : String(Number(value.toFixed(4)))));

	function read(text: string): number | string {
		const number = text.trim() === '' ? NaN : Number(text.trim().replace(',', '.').replace('−', '-'));
		if (!Number.isFinite(number)) return 'Write a number here, such as 1.5.';
		if (whole && !Number.isInteger(number)) return 'A whole number, please.';
		return number < min ? `At least ${min}.` : number > max ? `At most ${max}.` : number;
	}

	/** What is wrong stays for the painter to put right, and the piece as it was. */
	function leave(): void {
		if (typed === null) return;
		const result = read(typed);
		fault = typeof result === 'string' ? result : null;
		if (typeof result === 'string') return;
		typed = null;
		if (result !== value) onchange(result);
	}
	const STEPS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1 };
	function press(event: KeyboardEvent): void {
		const by = STEPS[event.key];
		if (!by || value === null) return;
		event.preventDefault();
		typed = null;
		fault = null;
		onchange(Math.min(max, Math.max(min, Number((value + by * step * (event.shiftKey ? 10 : 1)).toFixed(4)))));
	}
</script>

<div>
	<label class="label" for={id}>{label}</label>
	<span class="relative block">
		<input
			{id}
			class="field text-right {unit ? 'pr-9' : ''}"
			inputmode={whole ? 'numeric' : 'decimal'}
			autocomplete="off"
			role="spinbutton"
			aria-valuenow={value ?? undefined}
			aria-valuemin={min}
			aria-valuemax={max}
			aria-valuetext={value === null ? 'not known' : `${shown}${unit ? ` ${unit}` : ''}`}
			value={shown}
			aria-invalid={fault !== null}
			aria-describedby={fault ? `${id}-fault` : note ? `${id}-note` : undefined}
			oninput={(event) => ((typed = event.currentTarget.value), (fault = null))}
			onchange={leave}
			onkeydown={press}
			onfocus={(event) => event.currentTarget.select()}
		/>
		{#if unit}<span class="pointer-events-none absolute inset-y-0 right-2 flex items-center text-sm text-ink-soft" aria-hidden="true"
				>{unit}</span
			>{/if}
	</span>
	{#if fault}<p class="fault" id="{id}-fault">{fault}</p>{:else if note}<p class="note" id="{id}-note">{note}</p>{/if}
</div>
