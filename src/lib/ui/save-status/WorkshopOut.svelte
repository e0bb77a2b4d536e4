<script lang="ts">
	import { fromDegrees, toDegrees } from '$core/units';
	import { NumberField, Pop, RadioRow, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** What holds in the room where this piece is painted: its air, its units, its stand-ins. */
	const piece = usePiece();
	const workshop = $derived(piece.project.workshop);
	const degrees = $derived(workshop.degrees ?? 'C');
	const LIMITS = { coldest: -20, warmest: 60 };
	function set(change: Partial<typeof workshop>, together = ''): void {
		piece.edit((draft) => void Object.assign(draft.workshop, change), together);
	}
</script>

<Pop label="Workshop" look="button button-quiet text-sm">
	<div class="w-72 space-y-2">
		<div class="grid grid-cols-2 gap-2">
			<NumberField
				label="It is"
				unit="°{degrees}"
				step={1}
				value={Math.round(10 * toDegrees(workshop.temperature, degrees)) / 10}
				min={toDegrees(LIMITS.coldest, degrees)}
				max={toDegrees(LIMITS.warmest, degrees)}
				onchange={(value) => set({ temperature: fromDegrees(value, degrees) }, 'temperature')}
			/>
			<NumberField
				label="Humidity"
				unit="%"
				step={1}
				value={workshop.humidity}
				min={0}
				max={100}
				onchange={(humidity) => set({ humidity }, 'humidity')}
			/>
		</div>
		{#each piece.plan.hints.filter(({ path }) => path.startsWith('workshop')) as hint (hint.code)}<p class="fault">{hint.message}</p>{/each}
		<p class="note">Cold and damp slow drying; every wait follows.</p>
		<RadioRow
			label="Degrees"
			value={degrees}
			options={[
				{ value: 'C', text: 'Celsius' },
				{ value: 'F', text: 'Fahrenheit' }
			]}
			onchange={(next) => set({ degrees: next })}
		/>
		<RadioRow
			label="The hand that works"
			value={workshop.hand ?? 'right'}
			options={[
				{ value: 'right', text: 'right' },
				{ value: 'left', text: 'left' }
			]}
			onchange={(hand) => set({ hand })}
		/>
		<RadioRow
			label="Volumes"
			value={workshop.volumes ?? 'ml'}
			options={[
				{ value: 'ml', text: 'ml' },
				{ value: 'fl-oz', text: 'fluid ounces' }
			]}
			onchange={(volumes) => set({ volumes })}
		/>
		<Tick
			label="Offer a simulated measuring device and colour reader, for practice"
			checked={workshop.simulated ?? false}
			onchange={(simulated) => set({ simulated })}
		/>
	</div>
</Pop>
