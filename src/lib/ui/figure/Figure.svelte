<script lang="ts">
	import { formatLength, type LengthUnit } from '$core/units';

	interface Props {
		mm: number;
		unit: LengthUnit;
		/** Millimetres are written to this step. */
		step?: number;
	}
	let { mm, unit, step = 1 }: Props = $props();
	const written = $derived(formatLength(mm, unit, step));
	const parts = $derived(/^(−?\d+)?\s?(\d+\/\d+)?(.*)$/.exec(written.text));
</script>

<span class="whitespace-nowrap" title={written.rounded ? 'Rounded to what a tape shows' : undefined}
	>{#if parts?.[2]}{parts[1] ?? ''}{parts[1] ? ' ' : ''}<span class="fraction">{parts[2]}</span>{parts[3]}{:else}{written.text}{/if}</span
>
