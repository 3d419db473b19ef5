/** Widths of the score's columns, pixels. */
export const doseColumn = 162;
export const weaveColumn = 27;
export const guardColumn = 34;

/** What gives less than this is a dot, not a mark. */
export const minShare = 0.01;

/** A column covered less than this is drawn as wanting. */
export const wanting = 0.3;
