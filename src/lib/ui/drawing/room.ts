/** Left free beside a drawing where the map of the faces stands, px. */
export const MAP = 122;
