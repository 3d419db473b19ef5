/** Session load in arbitrary units: effort (0-10) times minutes. Foster 1998. @example sessionLoad(6, 30) // 180 */
export function sessionLoad(effort: number, minutes: number): number {
  return effort * minutes;
}
