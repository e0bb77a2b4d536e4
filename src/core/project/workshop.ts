import { z } from 'zod';
import { MaterialSchema, MOST_HANDS, OwnDryingSchema, OwnRatesSchema, SchoolsSchema } from '../layers';

/** Degrees Celsius: nobody paints beyond. */
export const ROOM_TEMPERATURES = { least: -20, most: 60 };

/** What holds in a workshop, and in a piece that is painted there. */
const shared = {
	temperature: z.number().min(ROOM_TEMPERATURES.least).max(ROOM_TEMPERATURES.most).meta({ description: 'Degrees Celsius.' }),
	humidity: z.number().min(0).max(100).meta({ description: 'Relative, percent.' }),
	degrees: z.enum(['C', 'F']).optional().meta({ description: 'What its thermometer shows; Celsius where nothing is said.' }),
	simulated: z
		.boolean()
		.optional()
		.meta({ description: 'Whether the simulated measuring device and colour reader are offered, for practice.' }),
	hand: z.enum(['left', 'right']).optional().meta({ description: 'The hand that works; right where nothing is said.' }),
	hands: z.number().int().min(1).max(MOST_HANDS).optional().meta({ description: 'How many work here at once; one where nothing is said.' }),
	tapes: z
		.array(z.number().min(1).max(100))
		.min(1)
		.max(30)
		.optional()
		.meta({ description: 'Widths of the tapes on its shelf, mm; the usual ones where nothing is said.' }),
	rates: OwnRatesSchema.optional(),
	drying: OwnDryingSchema.optional(),
	schools: SchoolsSchema.optional(),
	volumes: z.enum(['ml', 'fl-oz']).optional().meta({ description: 'What its jars are measured in; ml where nothing is said.' })
};
const units = z
	.enum(['mm', 'in'])
	.meta({ description: 'The unit of the painter: how a text without a unit is read, and how figures are written.' });
const paper = z.enum(['a4', 'letter']);
const materials = z
	.array(MaterialSchema)
	.max(100)
	.meta({ description: 'Own records; one with the id of a catalogue record takes its place.' });

/** The workshop itself, whatever piece is painted in it. */
export const WorkshopSettingsSchema = z.strictObject({ units, paper, ...shared, materials });
export type WorkshopSettings = z.infer<typeof WorkshopSettingsSchema>;

/** What a piece and its workshop have in common, by name. */
export const SHARED_FIELDS = Object.keys(WorkshopSettingsSchema.shape) as [SharedField, ...SharedField[]];
export type SharedField = keyof WorkshopSettings;

/** Fields of a project that it has in common with its workshop; `workshop.own` names those that are meant to differ. */
export const COPY_OF_WORKSHOP = {
	units,
	paper,
	workshop: z.strictObject({
		...shared,
		own: z
			.array(z.enum(SHARED_FIELDS))
			.max(SHARED_FIELDS.length)
			.optional()
			.meta({ description: 'What this piece has of its own, whatever the workshop says.' })
	}),
	materials
};

/** What nothing is said of. */
const UNSAID: Partial<WorkshopSettings> = { degrees: 'C', simulated: false, hand: 'right', hands: 1, volumes: 'ml' };

/** A workshop of which nothing is known yet. */
export const NEW_WORKSHOP: WorkshopSettings = { units: 'mm', paper: 'a4', temperature: 20, humidity: 50, materials: [] };

/** What goes with inches. */
export const INCH_FELLOWS = { units: 'in', paper: 'letter', degrees: 'F', volumes: 'fl-oz' } as const satisfies Partial<WorkshopSettings>;

/** What a new workshop that measures in this unit has with it. */
export function newWorkshop(unit: WorkshopSettings['units']): WorkshopSettings {
	return unit === 'in' ? { ...NEW_WORKSHOP, ...INCH_FELLOWS } : NEW_WORKSHOP;
}

/** Of one of its fields what a workshop says, or what stands where it says nothing. */
export function sharedField(settings: Partial<WorkshopSettings>, field: SharedField): unknown {
	return settings[field] ?? UNSAID[field];
}
