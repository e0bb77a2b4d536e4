import type { Project } from '../../project';
import type { Plan } from '../../plan';
import type { Page } from '../page';

/** Makes one kind of page from a plan without errors; none where it has nothing to print. */
export interface PageMaker {
	readonly id: string;
	/** What its pages are called together. */
	readonly word: string;
	readonly pages: (project: Project, plan: Plan, paper: Project['paper']) => Page[];
}
