<script lang="ts">
	interface Props {
		label: string;
		/** Null: not known. */
		value: number | null;
		min: number;
		max: number;
		step?: number | 'any';
		title?: string;
		onchange: (value: number) => void;
	}
	let { label, value, min, max, step = 1, title, onchange }: Props = $props();

	/** What is out of bounds, or nothing, is left for the painter to put right: the browser says by how much. */
	function type(input: HTMLInputElement): void {
		if (input.checkValidity() && input.value !== '') onchange(input.valueAsNumber);
		else input.reportValidity();
	}
</script>

<label class="label" {title}
	>{label}<input
		class="field"
		type="number"
		{min}
		{max}
		{step}
		value={value ?? ''}
		onchange={(event) => type(event.currentTarget)}
	/></label
>
