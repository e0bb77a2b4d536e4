import { render } from '@testing-library/svelte';
import { expect, it } from 'vitest';
import Figure from './Figure.svelte';

it('sets only the fraction as a fraction, and says when it rounds', () => {
	const { container } = render(Figure, { mm: 137, unit: 'in' });
	expect(container).toHaveTextContent('5 3/8 in');
	expect(container.querySelector('.fraction')).toHaveTextContent(/^3\/8$/);
	expect(container.querySelector('[data-rounded]')).toHaveTextContent('5 3/8 in');
	const whole = render(Figure, { mm: 25.4 * 12, unit: 'in' }).container;
	expect(whole).toHaveTextContent('12 in');
	expect(whole.querySelector('[data-rounded]')).toBeNull();
});
