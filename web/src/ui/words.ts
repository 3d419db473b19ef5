/** A word of the data as one reads it: `rear-foot` becomes `rear foot`. */
export const words = (id: string) => id.replaceAll('-', ' ');

export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** @example clock(1750) // '29:10' */
export function clock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
