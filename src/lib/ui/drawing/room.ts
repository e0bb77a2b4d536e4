/** Left free beside a drawing, px: where the map of the faces stands, below the buttons that bring it nearer; and where these stand alone. */
export const MAP = 122;
const BUTTONS = 100;

export const roomBeside = (faces: number): number => (faces > 1 ? MAP : BUTTONS);
