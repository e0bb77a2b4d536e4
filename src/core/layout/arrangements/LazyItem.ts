import type { Ring } from '../../geometry';
import type { LaidItem } from './types';

type Points = readonly Ring[] | (() => readonly Ring[]);

/** The fields of an item but its points, whatever they are: what is added to `LaidItem` is there too. */
const WithFields = class {
	constructor(item: Omit<LaidItem, 'rings'>) {
		Object.assign(this, item);
	}
} as new (item: Omit<LaidItem, 'rings'>) => Omit<LaidItem, 'rings'>;

/**
 * A laid item whose points are set in place when they are asked for: a drag of hundreds asks for none. A class, because an object literal with a
 * getter of its own costs ten times as much to make, and is swept from memory as slowly.
 */
export class LazyItem extends WithFields implements LaidItem {
	#rings: Points;

	constructor(item: Omit<LaidItem, 'rings'>, rings: Points) {
		super(item);
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
