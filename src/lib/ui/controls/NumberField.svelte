<script lang="ts">
	import Down from '@lucide/svelte/icons/chevron-down';
	import Up from '@lucide/svelte/icons/chevron-up';

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
		/** Hidden labels are still read out. */
		hideLabel?: boolean;
		/** Told with every figure typed, not only when it is left. */
		eager?: boolean;
		/** Of the line that it stands on: in a table. */
		small?: boolean;
		/** What it is for, below it. */
		note?: string;
		onchange: (value: number) => void;
	}
	let {
		label,
		value,
		min,
		max,
		whole = false,
		step = whole ? 1 : 0.01,
		unit,
		hideLabel = false,
		eager = false,
		small = false,
		note,
		onchange
	}: Props = $props();

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
	function type(text: string): void {
		typed = text;
		fault = null;
		const result = read(text);
		if (eager && typeof result === 'number' && result !== value) onchange(result);
	}
	const STEPS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1 };
	function press(event: KeyboardEvent): void {
		const by = STEPS[event.key];
		if (!by || value === null) return;
		event.preventDefault();
		go(by * (event.shiftKey ? 10 : 1));
	}
	function go(steps: number): void {
		typed = null;
		fault = null;
		onchange(Math.min(max, Math.max(min, Number(((value ?? min) + steps * step).toFixed(4)))));
	}
</script>

<div>
	<span class={hideLabel ? 'sr-only' : 'label'}
		><label for={id}>{label}</label>{#if unit}, {unit}{/if}</span
	>
	<span class="relative block">
		<input
			{id}
			class="field !pr-6 text-right {small ? '!min-h-[28px] text-sm' : ''}"
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
			oninput={(event) => type(event.currentTarget.value)}
			onchange={leave}
			onkeydown={press}
			onfocus={(event) => event.currentTarget.select()}
		/>
		<span class="absolute inset-y-0 right-0 flex w-5 flex-col border-l border-rule pointer-coarse:hidden" aria-hidden="true">
			<button
				type="button"
				tabindex="-1"
				class="flex flex-1 items-center justify-center text-ink-soft hover:bg-ember-pale"
				onclick={() => go(1)}><Up size={12} /></button
			>
			<button
				type="button"
				tabindex="-1"
				class="flex flex-1 items-center justify-center border-t border-rule text-ink-soft hover:bg-ember-pale"
				onclick={() => go(-1)}><Down size={12} /></button
			>
		</span>
	</span>
	{#if fault}<p class="fault" id="{id}-fault">{fault}</p>{:else if note}<p class="note" id="{id}-note">{note}</p>{/if}
</div>
