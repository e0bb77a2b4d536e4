<script lang="ts">
	import { formatDuration, parseDuration } from '$core/units';

	/** A time as a label writes it: `2 h`, `45 min`, `1 day`. */
	interface Props {
		label: string;
		/** Minutes; null: not known. */
		value: number | null;
		min: number;
		max: number;
		onchange: (minutes: number) => void;
	}
	let { label, value, min, max, onchange }: Props = $props();
	const id = $props.id();
	let fault: string | null = $state(null);
	function read(text: string): void {
		const minutes = parseDuration(text);
		fault =
			minutes === null
				? 'Write it like 45 min, 2 h 30 or 1 day.'
				: minutes < min || minutes > max
					? `From ${formatDuration(min)} to ${formatDuration(max)}.`
					: null;
		if (fault === null && minutes !== null && minutes !== value) onchange(minutes);
	}
</script>

<div>
	<label class="label" for={id}>{label}</label>
	<input
		{id}
		class="field"
		value={value === null ? '' : formatDuration(value)}
		aria-invalid={fault !== null}
		aria-describedby="{id}-fault"
		onchange={(event) => read(event.currentTarget.value)}
	/>
	<p class="fault" id="{id}-fault" hidden={fault === null}>{fault ?? ''}</p>
</div>
