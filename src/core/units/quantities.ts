declare const brand: unique symbol;
type Quantity<Name extends string> = number & { readonly [brand]?: Name };

/** Millimetres. Every length inside the core. */
export type Mm = Quantity<'mm'>;
/** Square millimetres. */
export type Mm2 = Quantity<'mm2'>;
/** Micrometres of dry film. */
export type Um = Quantity<'um'>;
export const UM_PER_MM = 1000;
/** Minutes. Every duration inside the core. */
export type Minutes = Quantity<'min'>;
/** Millilitres. */
export type Ml = Quantity<'ml'>;

export type LengthUnit = 'mm' | 'in';

export const MM_PER_INCH = 25.4;
/** What a person reads on a tape: 1 mm, or 1/16 in. */
export const TAPE_RESOLUTION: Readonly<Record<LengthUnit, Mm>> = { mm: 1, in: MM_PER_INCH / 16 };
