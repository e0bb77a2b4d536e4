import { boundsOfRings, type Ring, type RingBounds } from '../../geometry';
import type { LaidItem } from './types';

/** Points that are set in place when they are asked for; their box, where it is known without them. Another item is one. */
export interface Placed {
	readonly rings: readonly Ring[];
	readonly bounds?: RingBounds;
}

type Fields = Omit<LaidItem, 'rings'>;

/**
 * The fields of an item but its points, each by its name: thousands are made at every pixel of a drag, and a copy by `Object.assign` makes a slow
 * object, which asks ten times as much of whoever spreads it. What is added to `LaidItem` is added here; a test holds the two together.
 */
const WithFields = class {
	constructor(item: Fields) {
		const own = this as unknown as { -readonly [K in keyof Fields]: Fields[K] };
		own.key = item.key;
		own.arrangement = item.arrangement;
		own.part = item.part;
		own.place = item.place;
		own.index = item.index;
		own.motif = item.motif;
		own.role = item.role;
		own.centre = item.centre;
		own.turn = item.turn;
		own.mirrored = item.mirrored;
		own.scale = item.scale;
		own.left = item.left;
		own.top = item.top;
		own.right = item.right;
		own.bottom = item.bottom;
		own.width = item.width;
		own.height = item.height;
		own.cutBy = item.cutBy;
		own.half = item.half;
		own.openArea = item.openArea;
		own.tips = item.tips;
		own.edge = item.edge;
		own.lost = item.lost;
		own.byHand = item.byHand;
		own.touches = item.touches;
		if (item.whole !== undefined) own.whole = item.whole;
	}
} as new (item: Fields) => Fields;

/**
 * A laid item whose points are set in place when they are asked for: a drag of hundreds asks for none. A class, because an object literal with a
 * getter of its own costs ten times as much to make, and is swept from memory as slowly.
 */
export class LazyItem extends WithFields implements LaidItem {
	readonly #placed: Placed;
	#rings: readonly Ring[] | undefined;

	constructor(item: Fields, placed: Placed) {
		super(item);
		this.#placed = placed;
	}

	get rings(): readonly Ring[] {
		return (this.#rings ??= this.#placed.rings);
	}

	/** The box of its points. */
	get bounds(): RingBounds {
		return this.#placed.bounds ?? boundsOfRings(this.rings);
	}

	/** Written with its points, as any other item. */
	toJSON(): LaidItem {
		return { ...this, rings: this.rings };
	}
}
