/** A load that can be taken in hand: its mass, and what it is made of in words. */
export interface LoadOption {
  kg: number;
  with: string;
}
