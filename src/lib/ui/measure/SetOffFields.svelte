<script lang="ts">
	import type { SetOff } from '$core/piece';
	import type { PlanError } from '$core/plan';
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
	const id = $props.id();
	const start = $derived(piece.project.units === 'in' ? '1/4' : '6');
</script>

<div class="grid grid-cols-2 gap-2">
	<div>
		<label class="label" for="{id}-way">{label}</label>
		<select
			id="{id}-way"
			class="field"
			value={value.way}
			onchange={(event) => {
				const way = event.currentTarget.value as SetOff['way'];
				onchange({ way, by: way === 'level' || (value.by !== '0' && value.by !== '') ? value.by : start });
			}}
		>
			<option value="level">level</option><option value="proud">proud, stepped</option><option value="recessed">recessed</option>
		</select>
	</div>
	{#if value.way !== 'level'}
		<ReadingField wide label="By" value={value.by} {error} onchange={(by) => onchange({ ...value, by })} />
	{/if}
</div>
