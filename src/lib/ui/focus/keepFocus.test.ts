import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepFocus } from './keepFocus';

let stop: () => void;
const find = (selector: string) => document.querySelector<HTMLElement>(selector)!;
/** Beside others a machine is slow: it is looked for until it is there. */
const reached = (selector: string) => vi.waitFor(() => expect(document.activeElement).toBe(find(selector)));
beforeEach(() => {
	document.body.innerHTML = `<main><aside><h2>All of it</h2><section id="panel"><h3>One of it</h3><p><button id="gone">Take out</button></p></section>
		<ul><li id="row"><button id="first">First</button><button id="second">Second</button></li></ul></aside></main>`;
	stop = keepFocus();
});
afterEach(() => stop());

describe('the focus, when what has it goes', () => {
	it('goes to the heading of what it stood in', async () => {
		find('#gone').focus();
		find('#gone').remove();
		await reached('h3');
	});
	it('goes further out where that is gone too', async () => {
		find('#gone').focus();
		find('#panel').remove();
		await reached('h2');
	});
	it('goes further out where nothing is left in it that could take it', async () => {
		find('#gone').focus();
		find('#panel').innerHTML = '';
		await reached('h2');
	});
	it('goes to what can take it where there is no heading', async () => {
		find('#second').focus();
		find('#second').remove();
		await reached('#first');
	});
	it('stays where somebody has put it, and where nothing of it went', async () => {
		find('#gone').focus();
		find('#gone').remove();
		find('#first').focus();
		await reached('#first');
		find('#second').remove();
		await reached('#first');
	});
});
