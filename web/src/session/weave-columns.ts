/** Widths of the score's columns, pixels. */
export const doseColumn = 152;
export const weaveColumn = 28;
export const guardColumn = 34;

/** A column covered less than this is drawn as wanting. */
export const wanting = 0.3;
