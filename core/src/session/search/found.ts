/** A session as the search knows it: the offers chosen, and what they are worth. */
export interface Found {
  chosen: readonly number[];
  worth: number;
}
