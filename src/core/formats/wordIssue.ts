import { LEAST_SCALE } from '../layout';
import { formatBeside, formatFine, formatLength, type Issue, type LengthUnit } from '../units';

type Words = (values: Readonly<Record<string, string | number>>, unit: LengthUnit) => string;
const length = (value: string | number | undefined, unit: LengthUnit) => formatLength(Number(value), unit, 0.1).text;
const fine = (value: string | number | undefined, unit: LengthUnit) => formatFine(Number(value), unit).text;
const beside = (value: string | number | undefined, other: string | number | undefined, unit: LengthUnit) =>
	formatBeside(Number(value), Number(other), unit).text;
/** Down to a scale that is no more than this one when it is typed as it is written; where that is less than any, something else. */
const downTo = (most: string | number | undefined, words: string, otherwise: string) =>
	Number(most) < LEAST_SCALE ? `${otherwise}.` : `${words} go down to ${(Math.floor(Number(most) * 100) / 100).toFixed(2)} or less.`;
const beyond = (v: Readonly<Record<string, string | number>>, unit: LengthUnit) =>
	`The readings are ${length(Math.abs(Number(v['residual'])), unit)} ${Number(v['residual']) > 0 ? 'short of' : 'more than'} the whole ${v['whole'] ?? 'height'}; ${
		Math.abs(Number(v['residual'])) > Number(v['allowed'])
			? `reading errors explain ${length(v['allowed'], unit)}`
			: 'reading errors could explain that, but what stands side by side here does not'
	}.`;

/** What is wrong, and what to do about it. One line for each code; the values come with the issue. */
const WORDS: Readonly<Record<string, Words>> = {
	'length.empty': () => 'Not measured yet. Type the reading.',
	'length.ambiguous': (v) => `"${v['typed']}" can be a thousand or a decimal. Write 1234 or 1.234.`,
	'length.negative': () => 'A length cannot be less than zero. Type it without the minus.',
	'length.unreadable': (v) => `"${v['typed']}" is no length. Write it like 137, 137.5 mm, 5 3/8 or 1' 2 1/2".`,
	'length.zero-denominator': () => 'A fraction cannot end in /0. Write it like 5 3/8.',
	'length.absurd': () => 'That is longer than anything painted in a workshop. Check the figure and its unit.',
	'length.zero': () => 'This cannot be zero. Measure it and type the reading.',
	'chain.beyond': (v, u) => `${beyond(v, u)} No single slip explains it: measure the chain again from the top.`,
	'chain.digits-swapped': (v, u) =>
		`${beyond(v, u)} Two digits may be swapped here: ${length(v['instead'], u)} would leave ${length(Math.abs(Number(v['left'])), u)}. Measure this one again.`,
	'chain.missed-or-twice': (v, u) =>
		`${beyond(v, u)} ${v['instead'] === '' ? 'This reading may have been entered twice.' : `After this one a reading of about ${length(v['instead'], u)} may have been left out.`} Go through the chain once more.`,
	'chain.doubled': (v, u) => `${beyond(v, u)} This may be twice what it is: ${length(v['instead'], u)} would fit. Measure this one again.`,
	'chain.unit-slip': (v, u) =>
		`${beyond(v, u)} This may be in another unit, or ten times off: ${length(v['instead'], u)} would fit. Check its unit.`,
	'chain.out-of-step': (v, u) =>
		`${beyond(v, u)} This drawer is out of step with the others: ${length(v['instead'], u)} would fit. Measure it again.`,
	'chain.wrong-digit': (v, u) =>
		`${beyond(v, u)} One digit may be wrong here: ${length(v['instead'], u)} would fit. Measure this one again.`,
	'rest.none': (v, u) =>
		`Nothing is left for it: the other readings are ${length(v['left'], u)} more than the whole. Measure it, or go through the others.`,
	'rest.twice': () => 'Another link of this chain is the rest already. Measure one of them.',
	'rest.graded': () => 'The rule for the fronts shares out what is left. Measure this one, or read each front.',
	'sizes.no-room': (v, u) =>
		`By this rule the ${v['count']} would not fit into ${length(v['left'], u)}: one of them would have no height left. Change the figure or the rule.`,
	'outline.too-large': (v, u) => `This is more than the shape can take: ${length(v['most'], u)} at most. Make it smaller.`,
	'outline.too-few': (v) => `An outline needs ${v['most']} points or more. Add a point.`,
	'outline.crossed': () => 'The outline crosses itself. Go through its points in the order in which they follow each other.',
	'outline.outside': () => 'The outline reaches beyond its width or height. Check its points, or the width and the height.',
	'part.no-parent': (v) => `There is no part "${v['id']}" for it to lie on. Choose another.`,
	'part.circle': (v) => `"${v['id']}" lies on itself, or on a part that lies on it. Choose another for it to lie on.`,
	'part.off': (v) => `It reaches over the edge of ${v['on']}, on which it lies. Make it smaller, or check its distances.`,
	'part.overlap': (v) => `It lies on ${v['other']}. Move one of them, or make it smaller.`,
	'part.no-room': (v) => `Its margins leave nothing of ${v['on']}. Make them smaller.`,
	'square.contradicts': (v, u) =>
		`With this width and height both diagonals should be near ${length(v['expected'], u)}. One of the four readings is wrong: measure them again.`,
	'square.out': (v, u) =>
		`Out of square: the top stands ${length(v['lean'], u)} to the ${v['side']}, ${v['degrees']} degrees. A border that is square in itself runs off the edge by as much from bottom to top; lay it from the centre line and share the difference, or follow the edges and let its corners be out of true.`,
	'gap.tapers': (v, u) =>
		`This gap tapers: ${fine(v['near'], u)} at one end, ${fine(v['far'], u)} at the other. The closer end decides whether it moves.`,
	'edge.differs': (v) =>
		`${v['one']} and ${v['other']} meet along this edge, but ${v['first']} is not ${v['second']}. Where one stands over, leave it; else measure both again.`,
	'photo.length': (v) => `By the picture this length is off by ${v['percent']} %. Set the corners again, closer to the true ones.`,
	'colour.no-paint': (v) =>
		`${v['name']} (${v['typed']}) has a channel at 0: no paint swallows all of one light, and its mixes come out too dark. Take the shade from the dry paint, or lift that channel a little.`,
	'csv.no-rows': () => 'There is no reading in it. Give a name or a place, and a length, on each line.',
	'csv.line': (v) => `Line ${v['line']}: "${v['typed']}" is no length. Correct it there.`,
	'csv.comma': (v) => `Line ${v['line']}: "${v['typed']}" can be a thousand or a decimal. Write 1234 or 1.234 there.`,
	'csv.twice': (v) => `Line ${v['line']}: "${v['name']}" stands in line ${v['first']} already. Keep the one that is right.`,
	'csv.too-long': (v) => `More than ${v['most']} lines are too many at once. Paste only the readings of this face.`,
	'csv.name': (v) => `Line ${v['line']}: there is no reading called "${v['name']}" here. Use the names that are shown.`,
	'csv.too-many': (v) =>
		`${v['rows'] === 1 ? 'There is 1 line' : `There are ${v['rows']} lines`}, and ${v['fields']} ${v['fields'] === 1 ? 'reading' : 'readings'} to take. Check which do not belong here.`,
	'picture.kind': () => 'This is no JPEG, PNG or WebP picture. Save it as one of these.',
	'picture.broken': () => 'This picture cannot be opened: it is damaged or cut short. Take it again, or save it again.',
	'picture.too-large': (v) => `This picture is too large (${v['got']}). At most ${v['most']}: make it smaller first.`,
	'picture.grows': (v) =>
		`This picture is small as it came (${v['came']}) and would be very large as it is kept (${v['got']}). Save it as JPEG, or make it smaller first.`,
	'picture.unknown': () => 'This picture is not in the workshop. Load it again.',
	'face.no-room': () => 'The stiles and side gaps leave no width for the drawers. Check them against the overall width.',
	'hardware.off-part': () => 'It would stand over the edge of what it is on. Change the distance or the size.',
	'hardware.overlap': () => 'The two would stand on each other. Set them further apart, or use one.',
	'hardware.no-part': () => 'There is no drawer with this id. Take the exception out, or correct the id.',
	'id.twice': (v) => `The id "${v['id']}" stands twice. Give this one another.`,
	'run.scale-range': () => 'The least scale is above the most. Swap them.',
	'run.gap-range': () => 'The least gap is above the most. Swap them.',
	'run.too-tall': (v) =>
		`The motif is taller than ${v['front']}. ${downTo(v['most'], 'Let the scale', 'Take another motif, or a larger part')}`,
	'run.no-room': (v) =>
		`The line of this row comes so near to the edge of ${v['front']} that the motif has no room beside it. ${downTo(v['most'], 'Set it further in, or let the scale', 'Set it further in')}`,
	'run.no-fit': (v, u) =>
		`No whole number of motifs closes ${length(v['length'], u)} within these limits. Widen the scale or the gap, or choose free ends.`,
	'run.moved-gone': (v) =>
		`A motif placed by hand (${v['typed']}) is not in this fit any more. Take its place out, or go back to the fit it belongs to.`,
	'arrangement.no-coat': (v) => `No coat goes through ${v['name']} yet. Give it one here, or in Coats.`,
	'stripes.across-grain': (v) =>
		`On ${v['part']} the stripes run across the grain: paint creeps along it under the tape. Run them with it, or seal the edges of the tape.`,
	'stripes.slanted-under': (v) =>
		`${v['name']} has a right way up, and the stripes under it run at an angle: it looks as if it leaned. Run them upright or level there.`,
	'stripes.stark': (v) =>
		`The stripes are stark under ${v['name']}: the two fight. Take colours nearer to each other, or keep the motif off them.`,
	'stripes.narrowed': (v, u) =>
		`Nothing so wide fits into ${length(v['length'], u)} on ${v['part']}: the stripes were made narrower. Wish narrower ones, or put them on a larger part.`,
	'stripes.at-corner': () =>
		'An edge of a stripe falls on a corner of the piece: paint the corner itself with the darker of the two colours.',
	'stripes.near-corner': (v, u) =>
		`An edge of a stripe lies only ${length(v['apart'], u)} from a corner of the piece, where tape does not hold well. Take another way, or let a stripe end on the corner.`,
	'frame.no-room': (v, u) =>
		`${v['part']} has no room for all of its lines: they may reach ${length(v['most'], u)} in at most. Set them nearer to the edge, or make them narrower.`,
	'harlequin.too-many': (v) => `More than ${v['most']} diamonds would lie on ${v['part']}. Make them wider.`,
	'border.no-room': (v) =>
		`The border is too deep for ${v['part']}, at any scale that you allow. Set it nearer to the edge, or take a flatter motif.`,
	'border.gave': (v) =>
		`On ${v['part']} nothing closes within your limits; ${v['gave'] === 'gap' ? 'the gap' : v['gave'] === 'scale' ? 'the scale' : 'scale and gap'} gave. What is laid is the nearest that closes.`,
	'border.crowds': (v) => `On ${v['part']} the border crowds ${v['other']}. Set it further from it, or make it smaller.`,
	'scatter.fewer': (v) =>
		`On ${v['part']} only ${v['count']} of the ${v['wish']} motifs ${v['count'] === 1 ? 'finds' : 'find'} room. Let them be smaller or nearer to each other, or wish fewer.`,
	'single.looks-small': (v) => `The motif takes ${v['share']} % of ${v['part']}; under 20 % it is lost from a distance.`,
	'single.looks-tight': (v, u) =>
		`The motif leaves less than ${length(v['most'], u)} clear on a side of ${v['part']}: it looks tight there.`,
	'single.nowhere': (v) =>
		`It would lie in an opening of ${v['part']}, or beyond its edge: nothing of it is laid. Move it, or lay it on another part.`,
	'single.no-hardware': (v) => `${v['part']} has no knob or pull to centre it on. Put it on the centre, or choose other parts.`,
	'single.on-knob': (v) =>
		`On ${v['part']} it lies under a knob or pull. Move it clear, centre it on the knob, or let motifs run over that hardware.`,
	'grid.no-step': () => 'With this gap a motif would not move on from its neighbour. Make the gap larger.',
	'grid.too-many': (v) => `More than ${v['most']} motifs would lie on ${v['part']}. Make them larger, or the gap.`,
	'grid.on-knob': (v) =>
		`On ${v['part']}, ${v['count']} of its motifs ${Number(v['count']) === 1 ? 'lies' : 'lie'} under a knob or pull. Leave them out, or let the knob cover them.`,
	'run.looks-large': (v) => `The motif takes ${v['share']} % of the height of ${v['part']}; up to 67 % leaves it room to breathe.`,
	'run.looks-small': (v) => `The motif takes ${v['share']} % of the height of ${v['part']}; under 20 % it is lost from a distance.`,
	'run.over-edge': (v) => `${v['count']} of the motifs ${Number(v['count']) === 1 ? 'goes' : 'go'} over the edge of ${v['part']}.`,
	'run.in-gap': (v) =>
		`${v['count']} of the motifs lie${Number(v['count']) === 1 ? 's' : ''} across a gap; up to ${v['share']} % of one falls into it.`,
	'run.step': (v, u) =>
		`The row steps by ${length(v['step'], u)} between ${v['from']} and ${v['to']}: they were not measured as high. Measure again, or let it start afresh on each.`,
	'run.out-of-proportion': (v) =>
		`On ${v['part']} nothing fits in proportion to ${v['least']}: it is laid at ${v['scale']} instead of ${v['wished']}. Widen its scale or its gap, or take one scale for all.`,
	'run.on-knob': (v) =>
		`${v['count']} of the motifs ${Number(v['count']) === 1 ? 'stands' : 'stand'} on a knob or pull. Take another fit, leave them out, or let the row run over.`,
	'text.unreadable': () => 'This text has a sign in it that cannot be kept (an empty one, or half of one). Type it anew.',
	'run.tight-bend': (v) =>
		`On ${v['part']} the row bends so tightly that ${Number(v['count']) === 1 ? 'two motifs lie' : `${v['count']} times two motifs lie`} over one another on the inner side: draw the line flatter there, let the motif be smaller or the gap wider.`,
	'run.near-knob': (v) =>
		`On ${v['part']}, ${v['count']} of the motifs ${Number(v['count']) === 1 ? 'stands' : 'stand'} close beside a knob, which then looks like one more: keep further clear of knobs, or put a motif on each.`,
	'run.off-knob': (v) =>
		`${v['count']} of the knobs ${v['count'] === 1 ? 'has' : 'have'} no motif centred on them. Widen the scale or the gap, or choose free ends.`,
	'colour.circle': (v) => `"${v['id']}" is mixed of itself. Take it out of its parts, or out of theirs.`,
	'coat.nowhere': () =>
		'It goes nowhere: of the places that it is put on nothing is measured, or all is masked. Put it on others, or take it out.',
	'coat.no-zone': (v) =>
		`The zone whose colours this print takes lies under ${v['printed']} of its ${v['all']} motifs: the others are not printed. Let the zone reach there, or print in one colour.`,
	'motif.clogs': (v, u) =>
		`At this size the finest opening of ${v['name']} is ${beside(v['width'], v['needs'], u)}: ${v['kind']} needs ${beside(v['needs'], v['width'], u)}. Lay it at ${v['scale']} or larger, or open it before it is cut.`,
	'relief.door': (v) =>
		`With what stands up beside its hinges ${v['part']} opens to some ${v['degrees']}° and no longer lies flat: keep the relief further from them, or lower.`,
	'cast.too-round': (v, u) =>
		`${v['part']} is bent to a radius of ${beside(v['radius'], v['least'], u)}; warm, this ornament is bent to ${beside(v['least'], v['radius'], u)} at the least. Take clay, which follows it, or smaller pieces.`,
	'cast.other-size': (v, u) =>
		`${v['motif']} comes ${beside(v['width'], v['laid'], u)} wide and has no other size: here it is laid ${beside(v['laid'], v['width'], u)} wide. Set its size to 1, or choose one that comes so.`,
	'cast.no-shrinkage': (v) =>
		`This trim reckons with ${v['share']} % that clay loses as it dries; an ornament that comes as a piece loses nothing, so the joints would not meet. Set what ${v['motif']} shrinks by to 0.`,
	'cast.stiff': (v, u) =>
		`On ${v['part']}, which is round, a stiff piece stands ${length(v['off'], u)} off at its ends. Take what bends, clay while it is soft, or smaller pieces.`,
	'cast.links': (v, u) =>
		`On ${v['part']} casts ${length(v['length'], u)} long lie along a ring of radius ${length(v['radius'], u)}: straight, their ends stand ${length(v['off'], u)} off it. ${v['soft'] === 1 ? 'Cut each while it is soft' : 'Saw each'} into ${v['links']} links of ${length(v['link'], u)} and turn them along the line, or take smaller ones.`,
	'cast.heavy': (v) =>
		`A cast weighs about ${v['grams']} g: on a face that stands it slides before the glue holds. Lay the face on its back, or carry it from below until the glue is hard.`,
	'relief.under-hardware': (v) =>
		`${v['count']} of its motifs ${v['count'] === 1 ? 'stands' : 'stand'} up where a knob or pull is to sit (${v['part']} first): its plate would rock on the ${v['name']}. Leave them out, or print them flat.`,
	'layout.over-step': (v, u) =>
		`${v['count']} of its motifs ${v['count'] === 1 ? 'lies' : 'lie'} across the edge of ${v['part']}, which stands ${length(v['by'], u)} ${v['back'] === 1 ? 'back' : 'forward'}: a sheet does not lie flat there, and paint runs under it. Lay them on ${v['part']} and beside it by themselves, move them, or leave them out.`,
	'trim.not-straight': (v) =>
		`A trim of casts lies straight; ${v['part']} is not straight along that edge, and cuts it. Lay the casts one by one there, or take a kind that bends.`,
	'trim.no-run': (v) => `Nothing is left of the run on ${v['part']}: leave less clear at its ends.`,
	'trim.no-room': (v, u) =>
		`The trim is ${length(v['height'], u)} high: on ${v['part']} it may begin ${length(v['most'], u)} from the edge at most.`,
	'motif.no-cast': (v) =>
		`${v['name']} comes out of its mould at ${v['scale']} of its drawing; ${v['count']} of them ${v['count'] === 1 ? 'is' : 'are'} laid at another size. Set the scale to ${v['scale']}.`,
	'scheme.no-centre': (v) =>
		`Its centre motif does not fit inside the border of ${v['part']}: lay the scheme smaller, or leave the centre out.`,
	'scheme.no-field': (v) =>
		`No motif of the field fits inside the border of ${v['part']} whole: lay the scheme smaller, or with a narrower line of ground.`,
	'scheme.too-dense': (v) =>
		`So many motifs would lie in the field of ${v['part']} that they are a texture: they are not laid. Lay the scheme larger, or the field with wider gaps.`,
	'paste.too-high': (v, u) =>
		`It is to stand ${length(v['height'], u)} high; ${v['name']} holds ${length(v['most'], u)} in one lay. Lay it twice through the same sheet, or lower.`,
	'paste.too-low': (v, u) => `It is to stand ${length(v['height'], u)} high; under ${length(v['least'], u)} ${v['name']} leaves no relief.`,
	'motif.tears': (v, u) =>
		`At this size the finest bridge of ${v['name']} is ${beside(v['width'], v['needs'], u)}: under ${beside(v['needs'], v['width'], u)} it tears. Lay it at ${v['scale']} or larger, or widen it before it is cut.`,
	'motif.islands': (v) =>
		`${v['count']} part${v['count'] === 1 ? '' : 's'} of ${v['name']} would fall out of a cut sheet. Draw the bridges that are shown, or take another motif.`,
	'motif.no-size': (v) =>
		`${v['count']} of them ${Number(v['count']) === 1 ? 'is' : 'are'} at no size that ${v['name']} exists in (${v['sizes']}).`,
	'motif.mirrored': (v) => `${v['name']} may not be turned over, but lies mirrored here.`,
	'motif.upside-down': (v) => `${v['name']} has a right way up: ${v['count']} of them ${v['count'] === 1 ? 'hangs' : 'hang'} upside down.`,
	'silhouette.empty': () => 'Nothing in the picture is dark enough to be an opening. Move the threshold, or turn light and dark round.',
	'silhouette.full': () => 'All of the picture would be one opening. Move the threshold, or turn light and dark round.',
	'silhouette.busy': () => 'There is too much in this picture for a stencil. Smooth it more, or take a plain silhouette.',
	'letters.none': () => 'There is nothing to write. Type a line.',
	'letters.unknown': (v) => `The stencil alphabet has no "${v['what']}". Write it another way.`,
	'letters.long': (v, u) => `The line would be wider than ${length(v['most'], u)}. Write less, or lower letters.`,
	'motif.unread': () => 'This path cannot be read. Use plain SVG path data in mm.',
	'ref.unknown': (v) => `There is no ${v['what']} "${v['id']}". Add it, or name one that is there.`,
	'coat.not-before': (v) =>
		`"${v['id']}" is not right before it, or cannot be worked into. What is worked into a wet coat follows right after a base coat, a blended coat or a glaze; or leave "intoWet" out.`,
	'ref.kind': (v) => `"${v['id']}" is a ${v['kind']}. This step needs a ${v['expected']}.`,
	'workshop.damp': (v) =>
		`Over ${v['most']} % nobody can say how long paint takes: waits are told as for ${v['most']} %, and are longer. Dry the air before you begin.`,
	'workshop.unfair': (v) =>
		`Outside ${v['least']} to ${v['most']} degrees paint does not dry as it should. Warm or cool the workshop before you begin.`,
	'file.not-json': (v) => `This is no JSON: it breaks off at ${v['where']}. Choose a project file that was saved from Ember Ribbon.`,
	'file.not-project': (v) =>
		`This is not a project file: its format should be "${v['expected']}". Choose a file that was saved from Ember Ribbon.`,
	'file.version': (v) =>
		`This file has version ${v['got']}; this program reads version ${v['known']}. Open it with the program that saved it, or a newer one.`,
	'save.too-large': (v) => `This piece is larger than ${v['most']} MB. Undo what was done last, or take out a motif that it does not need.`,
	'save.steps-too-large': (v) => `The steps of this save are larger than ${v['most']} MB. Reload the page.`,
	'file.too-deep': (v) => `This file has more than ${v['most']} levels, one in another. Choose a project file.`,
	'file.too-large': (v) => `This file is larger than ${v['most']} MB. Choose a project file.`,
	'svg.too-large': (v) => `This drawing is larger than ${v['most']} MB. Save it with fewer points.`,
	'svg.doctype': () => 'A drawing with a document type or entities is not read. Save it as plain SVG.',
	'svg.not-xml': (v) => `This is no SVG: ${v['what']}. Save it again as plain SVG.`,
	'svg.too-deep': () => 'The groups are nested too deep. Ungroup the drawing.',
	'svg.element': (v) => `<${v['what']}> is not read. Turn it into paths, if it belongs to the motif.`,
	'svg.alters': (v) => `${v['what']} is not read: what it applies to is taken whole. Apply it in the drawing, if it matters.`,
	'svg.transform': (v) => `The transform "${v['what']}" is not read. Apply it in the drawing.`,
	'svg.outside': (v) => `"${v['what']}" is not in this file, and nothing outside of it is fetched. Put it into the drawing.`,
	'svg.too-many': () => 'The drawing has too many points or elements for a stencil. Simplify its paths, or leave out what is not cut.',
	'svg.path': () => 'This path cannot be read. Draw it again, or save it as plain SVG.',
	'svg.no-size': (v, u) =>
		`The drawing has no size from ${fine(v['least'], u)} to ${length(v['most'], u)}. Give it a width and a height with their unit, mm or in, and save it again.`,
	'svg.empty': () => 'The drawing has no filled path. A stencil needs at least one opening.',
	'field.missing': () => 'This field is missing. Add it; the schema says what belongs there.',
	'field.unknown': () => 'This field is not part of the format. Take it out, or check its spelling.',
	'field.type': (v) => `This should be of type ${v['expected']}. Correct the value.`,
	'field.choice': (v) => `This must be one of: ${v['expected']}.`,
	'field.too-small': (v) =>
		v['of'] === 'string'
			? `This has ${v['least']} letters at least. Write more.`
			: v['of'] === 'array'
				? `There must be ${v['least']} of these at least. Add what is missing.`
				: `This must be ${v['least'] ?? 1} or more.`,
	'field.too-big': (v) =>
		v['of'] === 'string'
			? `This has ${v['most']} letters at most. Make it shorter.`
			: v['of'] === 'array'
				? `There may be ${v['most']} of these at most. Take the others out.`
				: `This must be ${v['most']} or less.`,
	'field.union': () => 'This is none of the kinds that are known here. See the schema for what may stand here.',
	'field.format': () => 'This is not written as it should be. See the schema for the form.',
	'field.invalid': (v) => `${v['message']}.`
};

/** Every code that has words. */
export const ISSUE_CODES = Object.keys(WORDS);

/** The words of an issue, in the painter's unit. */
export function wordIssue(issue: Issue, unit: LengthUnit): string {
	const words = WORDS[issue.code];
	if (!words) throw new Error(`wordIssue has no words for ${issue.code}: add a line to WORDS`);
	return words(issue.values ?? {}, unit);
}
