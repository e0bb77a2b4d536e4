<script lang="ts">
	import { BRUSH_SCHOOLS, BRUSH_WORDS, METHODS, USUAL_BLENDING, type Schools } from '$core/layers';
	import { Pick } from '$lib/ui/controls';

	/** How a new blended coat is begun. */
	let { value, onchange }: { value: Schools; onchange: (schools: Schools) => void } = $props();
</script>

<Pick
	label="A new blended coat is begun by"
	value={value.method ?? USUAL_BLENDING.method}
	options={Object.values(METHODS).map(({ id, name }) => ({ value: id, text: name }))}
	onchange={(method) => onchange({ ...value, method })}
/>
<Pick
	label="with brushes"
	value={value.brushes ?? USUAL_BLENDING.brushes}
	options={BRUSH_SCHOOLS.map((school) => ({ value: school, text: BRUSH_WORDS[school] }))}
	onchange={(brushes) => onchange({ ...value, brushes })}
/>
