import { createEvent, fireEvent, render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { FilePick, NumberField, Pick, Tick, VolumeField } from './index';

describe('a file', () => {
	const file = new File(['28'], 'readings.csv', { type: 'text/csv' });
	const show = (more: object = {}) => {
		const onfile = vi.fn();
		const { container } = render(FilePick, { label: 'A file of readings', accept: '.csv', onfile, ...more });
		return {
			onfile,
			field: screen.getByLabelText(/A file of readings/, { selector: 'input' }),
			place: container.firstElementChild as HTMLElement
		};
	};
	const drop = async (place: HTMLElement) => {
		const event = createEvent.drop(place);
		Object.defineProperty(event, 'dataTransfer', { value: { files: [file] } });
		await fireEvent(place, event);
		return event;
	};

	it('is chosen, or dropped on the same place; the browser does not open it', async () => {
		const { onfile, field, place } = show();
		await userEvent.upload(field, file);
		expect((await drop(place)).defaultPrevented).toBe(true);
		expect(onfile.mock.calls).toEqual([[file], [file]]);
		/** The same one can be chosen again, mended. */
		await userEvent.upload(field, file);
		expect(onfile).toHaveBeenCalledTimes(3);
	});

	it('is not taken while it may not be', async () => {
		const { onfile, place } = show({ disabled: true });
		await drop(place);
		expect(onfile).not.toHaveBeenCalled();
	});
});

it.each([
	['ml', 120, '120', '90', 90],
	['fl-oz', 118.294118, '4', '8', 236.588236],
	['fl-oz', null, '', '0.5', 14.786765]
] as const)('a volume in %s: %f ml stands as %s, and %s is kept as %f ml', async (unit, value, shown, typed, ml) => {
	const onchange = vi.fn();
	render(VolumeField, { label: 'Left in the jar', unit, value, min: 0, max: 100_000, onchange });
	const field = screen.getByLabelText('Left in the jar');
	expect(field).toHaveValue(shown);
	await userEvent.clear(field);
	await userEvent.type(field, typed);
	await userEvent.tab();
	expect(onchange.mock.calls).toEqual([[expect.closeTo(ml, 4)]]);
});

describe('a number', () => {
	const show = (more: object = {}) => {
		const onchange = vi.fn();
		render(NumberField, { label: 'Scale', value: 1, min: 0.05, max: 20, onchange, ...more });
		return { onchange, field: screen.getByLabelText('Scale') };
	};
	const type = async (field: HTMLElement, text: string) => {
		await userEvent.clear(field);
		await userEvent.type(field, text);
		await userEvent.tab();
	};

	it.each<[string, object, number | string]>([
		['1,25', {}, 1.25],
		['−5', { min: -180 }, -5],
		['0.01', {}, 'At least 0.05.'],
		['21', {}, 'At most 20.'],
		['large', {}, 'Write a number here, such as 1.5.'],
		['2.5', { whole: true }, 'A whole number, please.']
	])('%s', async (text, more, answer) => {
		const { onchange, field } = show(more);
		await type(field, text);
		if (typeof answer === 'number') expect(onchange.mock.calls).toEqual([[answer]]);
		else {
			expect(onchange).not.toHaveBeenCalled();
			expect(screen.getByText(answer)).toBeVisible();
			expect(field).toHaveAttribute('aria-invalid', 'true');
			expect(field).toHaveAccessibleDescription(answer);
		}
	});

	it('goes up and down by arrows, no further than it may', async () => {
		const { onchange, field } = show({ value: 19.995 });
		field.focus();
		await userEvent.keyboard('{ArrowUp}{ArrowDown}{Shift>}{ArrowDown}{/Shift}');
		expect(onchange.mock.calls.flat()).toEqual([20, 19.985, 19.895]);
	});
});

it('a pick from a list is made by letters and Enter, and told once', async () => {
	const onchange = vi.fn();
	const options = [
		{ value: 'a', text: 'Deep sea', swatch: '#123' },
		{ value: 'b', text: 'Lichen' },
		{ value: 'c', text: 'Samphire' }
	];
	render(Pick, { label: 'Its colour', value: 'a', options, onchange });
	const trigger = screen.getByLabelText(/^Its colour/);
	expect(trigger).toHaveTextContent('Deep sea');
	trigger.focus();
	await userEvent.keyboard('{ArrowDown}');
	expect(screen.getAllByRole('option', { hidden: true }).map((option) => option.textContent?.trim())).toEqual([
		'Deep sea',
		'Lichen',
		'Samphire'
	]);
	await userEvent.keyboard('sam{Enter}');
	expect(onchange.mock.calls).toEqual([['c']]);
});

it('a tick is set by a click on its words and by the space bar', async () => {
	const onchange = vi.fn();
	render(Tick, { label: 'Mirrored', checked: false, onchange });
	await userEvent.click(screen.getByText('Mirrored'));
	screen.getByRole('checkbox', { name: 'Mirrored' }).focus();
	await userEvent.keyboard(' ');
	expect(onchange.mock.calls.map(([on]) => on)).toEqual([true, expect.any(Boolean)]);
});
