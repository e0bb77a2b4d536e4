/** What a save may bring of steps: so many, and so many bytes beside its document. */
export const MOST_STEPS = 60;
export const MOST_STEP_BYTES = 8e6;
/** Of a document as it is stored, bytes. */
export const MOST_DOCUMENT = 9e6;
/** Steps that the workshop keeps of a piece, and a page goes back without it. */
export const KEPT_STEPS = 200;
