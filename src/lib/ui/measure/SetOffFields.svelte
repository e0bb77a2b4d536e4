<script lang="ts">
	import type { SetOff } from '$core/piece';
	import type { PlanError } from '$core/plan';
	import { Pick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import ReadingField from './ReadingField.svelte';

	interface Props {
		label: string;
		value: SetOff;
		error: PlanError | undefined;
		onchange: (value: SetOff) => void;
	}
	let { label, value, error, onchange }: Props = $props();
	const piece = usePiece();
	const start = $derived(piece.project.units === 'in' ? '1/4' : '6');
</script>

<div class="grid grid-cols-2 gap-2">
	<div>
		<Pick
			{label}
			value={value.way}
			options={[
				{ value: 'level', text: 'level' },
				{ value: 'proud', text: 'proud, stepped' },
				{ value: 'recessed', text: 'recessed' }
			]}
			onchange={(way) => onchange({ way, by: way === 'level' || (value.by !== '0' && value.by !== '') ? value.by : start })}
		/>
	</div>
	{#if value.way !== 'level'}
		<ReadingField wide label="By" value={value.by} {error} onchange={(by) => onchange({ ...value, by })} />
	{/if}
</div>
