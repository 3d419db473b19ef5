/** A screen as it stands on the floor. */
export interface Screen {
  widthPx: number;
  heightPx: number;
  /** Of the glass, inches. */
  diagonalInches: number;
}
export const sixInchPhone: Screen = { widthPx: 390, heightPx: 844, diagonalInches: 6 };
/** Letters are read without effort from 20 arc minutes on; twice what the sharpest eye needs for a letter of five strokes is 10. From memory (ISO 9241-303). */
export const leastArcMinutes = 20;

/** How high letters of so many CSS pixels look from so far. @example arcMinutes(106.5, sixInchPhone, 3) // 20.0 */
export function arcMinutes(px: number, { widthPx, heightPx, diagonalInches }: Screen, metres: number): number {
  const mmPerPx = (diagonalInches * 25.4) / Math.hypot(widthPx, heightPx);
  return (Math.atan((px * mmPerPx) / (metres * 1000)) * 180 * 60) / Math.PI;
}

const channel = (value: number) => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4);

/** Relative luminance of "#rrggbb" (WCAG 2.2). */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((i) => channel(Number.parseInt(hex.slice(i, i + 2), 16) / 255));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** Contrast of two colours, 1 to 21 (WCAG 2.2). @example contrast('#000000', '#ffffff') // 21 */
export function contrast(a: string, b: string): number {
  const [dark = 0, light = 0] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (light + 0.05) / (dark + 0.05);
}
