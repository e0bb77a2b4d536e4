import { screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';

/** Picks from a list by its label, as the keyboard does: opened, walked to the option, taken. */
export async function pickByKeys(label: string | RegExp, option: string | RegExp): Promise<void> {
	const trigger = screen.getByLabelText(label, { selector: 'button' });
	trigger.focus();
	await userEvent.keyboard('{Enter}');
	const options = screen.getAllByRole('option', { hidden: true });
	const is = (element: HTMLElement) => {
		const text = element.textContent!.trim();
		return typeof option === 'string' ? text === option : option.test(text);
	};
	const at = options.findIndex(is);
	if (at < 0) throw new Error(`no option ${String(option)} among ${options.map((one) => one.textContent!.trim()).join(', ')}`);
	const from = options.findIndex((one) => one.dataset['highlighted'] !== undefined);
	const by = at - Math.max(0, from);
	await userEvent.keyboard((by < 0 ? '{ArrowUp}' : '{ArrowDown}').repeat(Math.abs(by)) + '{Enter}');
}
