<script lang="ts">
	import { formatLength, type LengthUnit } from '$core/units';
	import { Tip } from '$lib/ui/controls';

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

{#snippet figure(props: Record<string, unknown>)}
	<span {...props} class="whitespace-nowrap"
		>{#if parts?.[2]}{parts[1] ?? ''}{parts[1] ? ' ' : ''}<span class="fraction">{parts[2]}</span>{parts[3]}{:else}{written.text}{/if}</span
	>
{/snippet}
{#if written.rounded}<Tip text="Rounded to what a tape shows">
		{#snippet children({ props })}{@render figure({ ...props, 'data-rounded': true })}{/snippet}
	</Tip>{:else}{@render figure({})}{/if}
