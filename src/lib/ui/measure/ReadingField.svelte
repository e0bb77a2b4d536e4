<script lang="ts">
	import type { LengthInput } from '$core/piece';
	import type { PlanError } from '$core/plan';

	interface Props {
		label: string;
		value: LengthInput;
		onchange: (text: string) => void;
		error?: PlanError | undefined;
		/** Shown beside the field: what was shared out, for one. */
		note?: string;
		wide?: boolean;
	}
	let { label, value, onchange, error, note, wide = false }: Props = $props();
	const id = $props.id();
	/** A reading that waits is no fault yet. */
	const fault = $derived(error && error.code !== 'length.empty' ? error.message : null);

	/** Enter goes on to the next reading, as a person measures. */
	function goOn(event: KeyboardEvent): void {
		if (event.key !== 'Enter') return;
		event.preventDefault();
		const fields = [...document.querySelectorAll<HTMLInputElement>('input[data-reading]')];
		fields[fields.indexOf(event.currentTarget as HTMLInputElement) + (event.shiftKey ? -1 : 1)]?.focus();
	}
</script>

<div class={wide ? '' : 'grid grid-cols-[5.6rem_6.6rem_1fr] items-center gap-x-2'}>
	<label class={wide ? 'label' : 'text-sm'} for={id}>{label}</label>
	<input
		{id}
		data-reading
		class="field text-right {value === '' ? '!border-dashed' : ''}"
		autocomplete="off"
		value={typeof value === 'number' ? `${value} mm` : value}
		maxlength="40"
		aria-invalid={fault !== null}
		aria-describedby={fault ? `${id}-fault` : undefined}
		oninput={(event) => onchange(event.currentTarget.value)}
		onkeydown={goOn}
		onfocus={(event) => event.currentTarget.select()}
	/>
	{#if note}<span class="note">{note}</span>{/if}
	{#if fault}<p class="fault {wide ? '' : 'col-span-3'}" id="{id}-fault">{fault}</p>{/if}
</div>
