import { METHODS, SCHOOL_IDS, USUAL_BLENDING } from '$core/layers';
import type { SharedField, WorkshopSettings } from '$core/project';
import { formatFine, toDegrees } from '$core/units';
import { waysOf } from './schoolSides';

/** What each field is called. */
export const FIELD_NAMES: Readonly<Record<SharedField, string>> = {
	units: 'unit of measuring',
	paper: 'paper',
	temperature: 'temperature',
	humidity: 'humidity',
	degrees: 'degrees',
	simulated: 'stand-ins',
	hand: 'hand',
	hands: 'hands',
	tapes: 'tapes',
	rates: 'rates of work',
	drying: 'drying',
	schools: 'schools',
	volumes: 'volumes',
	materials: 'materials'
};

/** What the workshop says in one of its fields, in a few words: `14 °C`. */
export function wordShared(field: SharedField, settings: WorkshopSettings): string {
	const { units, paper, temperature, humidity, degrees = 'C', simulated, hand, hands = 1, tapes, schools, volumes } = settings;
	switch (field) {
		case 'units':
			return units === 'mm' ? 'measured in mm' : 'measured in inches';
		case 'paper':
			return paper === 'a4' ? 'paper A4' : 'paper Letter';
		case 'temperature':
			return `${Math.round(toDegrees(temperature, degrees))} °${degrees}`;
		case 'humidity':
			return `${Math.round(humidity)} % humidity`;
		case 'degrees':
			return degrees === 'C' ? 'degrees Celsius' : 'degrees Fahrenheit';
		case 'simulated':
			return simulated ? 'stand-ins for devices offered' : 'no stand-ins for devices';
		case 'hand':
			return hand === 'left' ? 'the left hand works' : 'the right hand works';
		case 'hands':
			return hands === 1 ? 'one works alone' : `${hands} work at once`;
		case 'tapes':
			return tapes ? `tapes of ${tapes.map((width) => formatFine(width, units).text).join(', ')}` : 'the usual tapes';
		case 'rates':
			return 'other rates of work';
		case 'drying':
			return 'other drying times';
		case 'schools':
			return [
				`blending by ${METHODS[schools?.method ?? USUAL_BLENDING.method].name.toLowerCase()}`,
				...SCHOOL_IDS.flatMap((id) => waysOf(id).flatMap(({ way, says }) => (schools?.[id] === way ? [says] : [])))
			].join(', ');
		case 'volumes':
			return volumes === 'fl-oz' ? 'volumes in fluid ounces' : 'volumes in ml';
		case 'materials':
			return 'records of its own materials';
	}
}
