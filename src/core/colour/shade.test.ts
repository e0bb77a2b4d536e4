import fc from 'fast-check';
import { expect, it } from 'vitest';
import { convertHexToLab, hexOfShade, nameHue, shadeOfHex } from './index';

it('comes back from its lightness, strength and hue, whatever the colour', () => {
	fc.assert(
		fc.property(fc.integer({ min: 0, max: 0xffffff }), (n) => {
			const hex = `#${n.toString(16).padStart(6, '0')}`;
			const shade = shadeOfHex(hex);
			expect(shade.hue).toBeGreaterThanOrEqual(0);
			expect(shade.hue).toBeLessThan(360);
			expect(shade.strength ** 2).toBeCloseTo(convertHexToLab(hex).a ** 2 + convertHexToLab(hex).b ** 2, 6);
			expect(hexOfShade(shade)).toBe(hex);
		})
	);
});

it.each([
	['#808080', 'grey'],
	['#c0392b', 'red'],
	['#e08a1e', 'orange'],
	['#e3cf3a', 'yellow'],
	['#3f8f3a', 'green'],
	['#2f7f86', 'teal'],
	['#2b4fb0', 'blue'],
	['#0000ff', 'blue'],
	['#7a3fb0', 'violet'],
	['#c04a8a', 'rose']
])('%s is named %s', (hex, name) => expect(nameHue(shadeOfHex(hex))).toBe(name));
