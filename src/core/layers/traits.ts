import type { Mm } from '../units';
import type { Material } from './material';

/** What a layer is to others, whatever kind of coat made it. Rules ask these, and never for a kind. */
export interface Traits {
	/** Takes grease and wax off. */
	readonly cleans: boolean;
	/** Takes dust off. */
	readonly dusts: boolean;
	/** Floods what is under it with water. */
	readonly rinses: boolean;
	/** Leaves a tooth for the next coat. */
	readonly keys: boolean;
	/** Takes off all that lies there, down to the ground. */
	readonly bares: boolean;
	/** Taken off the edges of its surfaces, mm. */
	readonly eases: Mm;
	/** Fills the old holes of its surfaces; has to be sanded flush. */
	readonly fills: boolean;
	/** Fills damage; has to be sanded flush too. */
	readonly mends: boolean;
	readonly hardware: 'off' | 'masked' | 'on' | null;

	/** Tape is laid on what is under it, and pulled while the paint is wet. */
	readonly tapes: boolean;
	/** Keeps what follows off what it covers, until it is taken off. */
	readonly masks: 'on' | 'off' | null;
	/** The mask that it takes off. */
	readonly unmasks: string | null;

	/** Laid wet: what is under it has to be dry. */
	readonly wet: boolean;
	/** Leaves a film that others lie on. */
	readonly film: boolean;
	readonly primes: boolean;
	/** Paint, in one colour or in several. */
	readonly paints: boolean;
	/** One colour that is meant to come out as its swatch. */
	readonly solid: boolean;
	/** Coats of colours that are blended. */
	readonly blends: number;
	/** Water or glaze in it wakes what is not dry. */
	readonly mists: boolean;
	/** Held by the tack of what is under it. */
	readonly clings: boolean;
	/** Draws colour through what is half dry. */
	readonly drags: boolean;
	/** Takes the top back to show what is under it. */
	readonly wears: boolean;
	/** Rubs coats through on purpose, where hands and years would. */
	readonly distresses: boolean;
	/** Much water goes on with it. */
	readonly soaks: boolean;
	/** Thin colour that is let run, and softened once it has half set. */
	readonly runs: boolean;
	readonly softens: boolean;
	/** Its part in making cracks. */
	readonly cracks: 'first' | 'second' | 'between' | 'single' | null;
	/** Colour that is wiped into cracks and hollows stays in them. */
	readonly wipedIn: boolean;
	/** Dusted on wax that has set and is not yet hard. */
	readonly powders: boolean;
	/** Film that is rubbed on; printed paper that is glued. */
	readonly transfers: boolean;
	readonly papers: boolean;
	readonly burnishes: boolean;
	readonly buffs: boolean;
	/** Wipes wet edges of what moves. */
	readonly wipesEdges: boolean;
	/** A drawn line, and what wakes it. */
	readonly inks: 'water' | 'solvent' | null;
	/** A see-through film of colour. */
	readonly glazes: boolean;
	/** Clear glaze: what comes over it does not soak in, and can be moved. */
	readonly slips: boolean;
	/** Stands up from what it lies on, by more than a film of paint does. */
	readonly raised: boolean;
	/** Held by glue alone: it is cut only when that is dry. */
	readonly glued: boolean;
	/** Cuts what is glued across gaps through. */
	readonly cuts: boolean;
	/** A heat gun comes to it. */
	readonly heated: boolean;
	/** Raised with heat. */
	readonly puffs: boolean;
	/** Work that is meant to be seen. */
	readonly decorates: boolean;
	/** Share of what is under it that it hides, 0 to 1, where it lies. */
	readonly hides: number;
	/** Leaves no place of its surfaces without film. */
	readonly covers: boolean;

	readonly wax: boolean;
	/** Repels water until it has hardened. */
	readonly oil: boolean;
	/** Holds on wax, and keeps it away from what comes over it. */
	readonly blocks: boolean;
	readonly dark: boolean;
	/** Of a wax: what carries it. */
	readonly thinned: 'water' | 'solvent' | null;
	/** Its flake lies loose: wax lifts it. */
	readonly metallic: boolean;
	/** A top that is worked on may be left with it. */
	readonly tough: boolean;
	/** Keeps stains from bleeding through. */
	readonly stopsBleeding: boolean;
	/** Its maker says that it may touch food. */
	readonly food: boolean;
	readonly protects: boolean;
	/** What it covers soaks up nothing any more. */
	readonly seals: boolean;
	readonly porous: boolean;
	/** Too smooth for paint until it is scuffed. */
	readonly slick: boolean;
	readonly needsCover: Material['protect'];
}

export const NO_TRAITS: Traits = {
	cleans: false,
	dusts: false,
	rinses: false,
	keys: false,
	bares: false,
	eases: 0,
	fills: false,
	mends: false,
	hardware: null,
	tapes: false,
	masks: null,
	unmasks: null,
	wet: false,
	film: false,
	primes: false,
	paints: false,
	solid: false,
	blends: 0,
	mists: false,
	clings: false,
	drags: false,
	wears: false,
	distresses: false,
	soaks: false,
	runs: false,
	softens: false,
	cracks: null,
	wipedIn: false,
	powders: false,
	transfers: false,
	papers: false,
	burnishes: false,
	buffs: false,
	wipesEdges: false,
	inks: null,
	glazes: false,
	slips: false,
	raised: false,
	heated: false,
	puffs: false,
	glued: false,
	cuts: false,
	decorates: false,
	hides: 0,
	covers: false,
	wax: false,
	oil: false,
	blocks: false,
	dark: false,
	thinned: null,
	metallic: false,
	tough: false,
	stopsBleeding: false,
	food: false,
	protects: false,
	seals: false,
	porous: false,
	slick: false,
	needsCover: 'no'
};

/** From here on a dried primer or clear coat shines so that paint slides on it. */
const SLICK_SHEEN = 0.5;

/** What a film is by its material alone. */
export function traitsOfMaterial(material: Material | null): Partial<Traits> {
	if (material === null) return {};
	const { kind, carrier, porous, protect, dark, sheen, heldBy, crackle } = material;
	/** A crackle that is seen in the end is a hard film; what lies between two paints is none. */
	const isVarnish = crackle?.part === 'second' || crackle?.part === 'single';
	return {
		wax: carrier === 'wax',
		oil: carrier === 'oil',
		blocks: carrier === 'shellac',
		dark,
		thinned: kind === 'wax' ? (material.thinned ?? 'solvent') : null,
		metallic: material.metallic ?? false,
		tough: material.tough ?? false,
		stopsBleeding: material.blocks ?? (kind === 'primer' && carrier === 'shellac'),
		food: material.food ?? false,
		cracks: crackle?.part ?? null,
		porous,
		clings: heldBy === 'tack',
		needsCover: protect,
		protects: kind === 'clear' || kind === 'wax' || isVarnish,
		seals: material.seals ?? (kind === 'clear' || kind === 'wax' || carrier === 'shellac'),
		slick: material.slick ?? ((kind === 'primer' || kind === 'clear') && sheen >= SLICK_SHEEN)
	};
}
