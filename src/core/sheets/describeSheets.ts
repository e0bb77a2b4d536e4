import type { Project } from '../project';
import type { Plan } from '../plan';
import { makeCastings } from './makers/castings';
import { makeFronts } from './makers/fronts';
import { makeLays } from './makers/lays';
import { makeMotifs } from './makers/motifs';
import { makeOrder } from './makers/order';
import { makePatches } from './makers/patches';
import { makeTape } from './makers/tape';
import { makeShopping } from './makers/shopping';
import type { PageMaker } from './makers/types';
import type { Page } from './page';

/** Every maker of pages, in the order of printing; one that has nothing to print makes none. A new one is a file and a line here. */
const MAKERS: readonly PageMaker[] = [makeFronts, makeMotifs, makeTape, makeLays, makeCastings, makePatches, makeOrder, makeShopping];

export interface PageSummary {
	/** Of the maker. */
	readonly kind: string;
	readonly title: string;
}
/** A page, and which of the makers drew it. */
export type Sheet = Page & Pick<PageSummary, 'kind'>;

/** The pages of a piece, in order. Empty while the plan has errors: a sheet with wrong figures is worse than none. */
export function describeSheets(project: Project, plan: Plan, paper: Project['paper']): Sheet[] {
	if (plan.errors.length > 0) return [];
	return MAKERS.flatMap((maker) => maker.pages(project, plan, paper).map((page) => ({ ...page, kind: maker.id })));
}

/** Pages that one maker drew, together, as they lie in one drawer: what it is called, and its pages with their place among all, from 0. */
export function bundleSheets(
	sheets: readonly Sheet[]
): { readonly kind: string; readonly word: string; readonly pages: readonly { readonly at: number; readonly page: Sheet }[] }[] {
	return MAKERS.flatMap(({ id: kind, word }) => {
		const pages = sheets.flatMap((page, at) => (page.kind === kind ? [{ at, page }] : []));
		return pages.length > 0 ? [{ kind, word, pages }] : [];
	});
}

/** What would be printed on the paper of the project. */
export function listPages(project: Project, plan: Plan): PageSummary[] {
	return describeSheets(project, plan, project.paper).map(({ kind, title }) => ({ kind, title }));
}
