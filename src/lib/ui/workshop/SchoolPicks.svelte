<script lang="ts">
	import { SCHOOL_IDS, SCHOOLS, type SchoolId, type Schools } from '$core/layers';
	import { Pick } from '$lib/ui/controls';
	import BlendSchool from './BlendSchool.svelte';
	import { chooseSide, NO_SIDE, waysOf } from './schoolSides';

	/** The schools of one piece, in short: where it differs from its workshop. */
	let { value, onchange }: { value: Schools; onchange: (schools: Schools) => void } = $props();
	const options = (id: SchoolId) => [
		{ value: NO_SIDE, text: 'no side taken' },
		...waysOf(id).map(({ way, says }) => ({ value: way, text: says }))
	];
</script>

<BlendSchool {value} {onchange} />
{#each SCHOOL_IDS as id (id)}
	<Pick
		label={SCHOOLS[id].asks}
		value={value[id] ?? NO_SIDE}
		options={options(id)}
		onchange={(way) => onchange(chooseSide(value, id, way))}
	/>
{/each}
