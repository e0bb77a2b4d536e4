<script lang="ts">
	import type { LengthInput } from '$core/piece';
	import type { PlanError } from '$core/plan';

	interface Props {
		label: string;
		value: LengthInput;
		onchange: (text: string) => void;
		error?: PlanError | undefined;
		/** Shown beside the field: what was shared out, for one. */
		note?: string | undefined;
		wide?: boolean;
		/** What follows from elsewhere while the field is empty. */
		placeholder?: string | undefined;
		/** A side figure: Enter passes it by. */
		aside?: boolean;
		/** Its name among what is measured; the measuring device finds it by this. */
		target?: string | undefined;
		next?: boolean;
		disabled?: boolean;
		hideLabel?: boolean;
	}
	let {
		label,
		value,
		onchange,
		error,
		note,
		wide = false,
		placeholder,
		aside = false,
		target,
		next = false,
		disabled = false,
		hideLabel = false
	}: Props = $props();
	const id = $props.id();
	/** A reading that waits is no fault yet. */
	const fault = $derived(error && error.code !== 'length.empty' ? error.message : null);

	/** Enter goes on to the next reading, as a person measures, from a side figure too. */
	function goOn(event: KeyboardEvent): void {
		if (event.key !== 'Enter') return;
		event.preventDefault();
		const fields = [...document.querySelectorAll<HTMLInputElement>('input[data-reading]:not(:disabled)')];
		(event.shiftKey ? fields.toReversed() : fields).find((field) => followsOn(event, field))?.focus();
	}
	function followsOn({ currentTarget, shiftKey }: KeyboardEvent, field: HTMLInputElement): boolean {
		const way = shiftKey ? Node.DOCUMENT_POSITION_PRECEDING : Node.DOCUMENT_POSITION_FOLLOWING;
		return ((currentTarget as HTMLInputElement).compareDocumentPosition(field) & way) !== 0;
	}
</script>

<div class={wide ? '' : 'grid grid-cols-[5.6rem_6.6rem_1fr] items-center gap-x-2'}>
	<label class={hideLabel ? 'sr-only' : wide ? 'label' : 'text-sm'} for={id}>{label}</label>
	<input
		{id}
		data-reading={aside ? undefined : ''}
		data-target={target}
		class="field text-right {value === '' && !placeholder ? '!border-dashed' : ''} {next
			? '!border-ember !shadow-[inset_3px_0_var(--color-ember)]'
			: ''}"
		autocomplete="off"
		value={typeof value === 'number' ? `${value} mm` : value}
		{placeholder}
		{disabled}
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
