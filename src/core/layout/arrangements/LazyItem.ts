import type { Ring } from '../../geometry';
import type { LaidItem } from './types';

/**
 * A laid item whose points are set in place when they are asked for: a drag of hundreds asks for none. A class, because an object literal with a
 * getter of its own costs ten times as much to make, and is swept from memory as slowly.
 */
export class LazyItem implements LaidItem {
	readonly key;
	readonly arrangement;
	readonly part;
	readonly place;
	readonly index;
	readonly motif;
	readonly role;
	readonly centre;
	readonly turn;
	readonly mirrored;
	readonly scale;
	readonly left;
	readonly top;
	readonly right;
	readonly bottom;
	readonly width;
	readonly height;
	readonly cutBy;
	readonly half;
	readonly openArea;
	readonly tips;
	readonly edge;
	readonly lost;
	readonly byHand;
	readonly touches;
	#rings: readonly Ring[] | (() => readonly Ring[]);

	constructor(item: Omit<LaidItem, 'rings'>, rings: readonly Ring[] | (() => readonly Ring[])) {
		this.key = item.key;
		this.arrangement = item.arrangement;
		this.part = item.part;
		this.place = item.place;
		this.index = item.index;
		this.motif = item.motif;
		this.role = item.role;
		this.centre = item.centre;
		this.turn = item.turn;
		this.mirrored = item.mirrored;
		this.scale = item.scale;
		this.left = item.left;
		this.top = item.top;
		this.right = item.right;
		this.bottom = item.bottom;
		this.width = item.width;
		this.height = item.height;
		this.cutBy = item.cutBy;
		this.half = item.half;
		this.openArea = item.openArea;
		this.tips = item.tips;
		this.edge = item.edge;
		this.lost = item.lost;
		this.byHand = item.byHand;
		this.touches = item.touches;
		this.#rings = rings;
	}

	get rings(): readonly Ring[] {
		if (typeof this.#rings === 'function') this.#rings = this.#rings();
		return this.#rings;
	}

	/** Written with its points, as any other item. */
	toJSON(): LaidItem {
		return { ...this, rings: this.rings };
	}
}
