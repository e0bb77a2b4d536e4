import { partsOnFace, type Part } from '../../piece';
import { nameParts } from '../../plan';
import { describeFront } from '../front/describeFront';
import type { Page } from '../page';
import type { PageMaker } from './types';

/** A page for every surface that has something on it: drawers, doors, panels, whole faces; and for every drawer, so that none is looked for. Those that are alike in every figure share one. */
export const makeFronts: PageMaker = {
	id: 'front',
	word: 'The parts',
	pages(project, plan, paper) {
		const shown = plan.faces
			.flatMap(partsOnFace)
			.filter(
				({ id, role }) => role === 'drawer' || plan.items.some(({ part }) => part === id) || plan.zones.some(({ part }) => part === id)
			);
		const alike = new Map<string, { readonly parts: Part[]; readonly pages: readonly Page[] }>();
		for (const part of shown) {
			const pages = describeFront(project, plan, part, paper);
			/** Nothing is compared with what is of another size, or bears another number of things. */
			const rough = `${part.width.toFixed(2)} ${part.height.toFixed(2)} ${pages.map(({ items }) => items.length).join()}`;
			const key = shown.some((other) => other !== part && isAsLarge(other, part))
				? `${rough} ${keyOf(pages, part)}`
				: `${rough} ${part.id}`;
			const known = alike.get(key);
			if (known) known.parts.push(part);
			else alike.set(key, { parts: [part], pages });
		}
		return [...alike.values()].flatMap(({ parts, pages }) => {
			if (parts.length === 1) return pages;
			const name = `${nameParts(parts, plan, Infinity)}: all ${parts.length} alike`;
			return pages.map((page) => rename(page, parts[0]!.name, name));
		});
	}
};

const isAsLarge = (a: Part, b: Part) => Math.abs(a.width - b.width) < 0.01 && Math.abs(a.height - b.height) < 0.01;

/** All that stands on the pages of a part but its name. */
function keyOf(pages: readonly Page[], { name }: Part): string {
	return JSON.stringify(
		pages.map(({ items }) => items.map((item) => (item.kind === 'text' && item.text.startsWith(name) ? { ...item, text: '' } : item))),
		(_, value: unknown) => (typeof value === 'number' ? value.toFixed(2) : value)
	);
}

function rename(page: Page, from: string, to: string): Page {
	const [heading, ...rest] = page.items;
	const named = heading?.kind === 'text' ? { ...heading, text: heading.text.replace(from, to), size: Math.min(heading.size, 5) } : heading!;
	return { ...page, title: page.title.replace(from, to), items: [named, ...rest] };
}
