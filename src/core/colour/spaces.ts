import { modeLab65, modeLch65, modeLrgb, modeRgb, modeXyz65, useMode } from 'culori/fn';

/** Of the colour library only the spaces that are worked in: all of them together are most of its size. */
for (const mode of [modeRgb, modeLrgb, modeXyz65, modeLab65, modeLch65]) useMode(mode as never);

export { clampRgb, converter, differenceCiede2000, displayable, formatHex, parse } from 'culori/fn';
