import type { Field } from '$core/layout';

/** A small picture of how the colours of a zone go, as a CSS background. */
export function swatchOfZone(field: Field, hexes: readonly string[]): string {
	const list = (colours: readonly string[]) => (colours.length === 1 ? [...colours, '#ece7da'] : colours).join(', ');
	switch (field.pattern) {
		case 'edge-shade':
		case 'rings':
		case 'ageing':
			return `radial-gradient(closest-side, ${list(hexes.length === 1 ? ['#ece7da', ...hexes] : [...hexes].reverse())})`;
		case 'bands':
			return `linear-gradient(to ${{ bottom: 'top', top: 'bottom', left: 'right', right: 'left' }[field.from]}, ${list(hexes)})`;
		case 'streak':
			return `linear-gradient(${field.along === 'level' ? 'to bottom' : 'to right'}, ${[...hexes].reverse().join(', ')}, ${hexes.slice(1).join(', ') || hexes[0]})`;
		case 'runs':
			return `linear-gradient(to ${field.from === 'bottom' ? 'top' : 'bottom'}, ${list(hexes)})`;
		case 'clouds':
		case 'touches':
			return `repeating-radial-gradient(circle at 30% 40%, ${list(hexes)} 14px)`;
		case 'recess':
			return `linear-gradient(to right, ${list(hexes)} 30%, #ece7da 70%, ${hexes[0]})`;
		case 'cloth':
			return `repeating-linear-gradient(${field.weave === 'linen' ? '90deg' : '60deg'}, ${list(hexes)} 4px)`;
	}
}
