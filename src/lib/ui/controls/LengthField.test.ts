import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import LengthField from './LengthField.svelte';

async function typed(text: string, more: object = {}) {
	const onchange = vi.fn();
	render(LengthField, { label: 'Border', value: 30, unit: 'mm', onchange, ...more });
	const field = screen.getByLabelText('Border');
	await userEvent.clear(field);
	await userEvent.type(field, text);
	await userEvent.tab();
	return { field, onchange };
}

it('hands on what was typed in mm, whatever the unit', async () => {
	const { onchange, field } = await typed('5 3/8');
	expect(onchange).toHaveBeenLastCalledWith(136.525);
	expect(field).not.toHaveAttribute('aria-invalid', 'true');
});

it('says beside the field what is wrong, and hands nothing on', async () => {
	const { onchange, field } = await typed('1,234');
	expect(field).toHaveAttribute('aria-invalid', 'true');
	expect(field).toHaveAccessibleDescription('"1,234" can be a thousand or a decimal. Write 1234 or 1.234.');
	expect(onchange).not.toHaveBeenCalledWith(1234);
});

it('keeps to its limits, and takes an overlap where one makes sense', async () => {
	const { field } = await typed('4', { min: 10 });
	expect(field).toHaveAccessibleDescription('At least 10.');
	document.body.innerHTML = '';
	const { onchange } = await typed('-12', { signed: true });
	expect(onchange).toHaveBeenLastCalledWith(-12);
});
