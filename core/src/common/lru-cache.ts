/** What was worked out last, by what it was worked out from; what was asked for longest ago is forgotten first. @example new LruCache(4).of('two', () => 2) // 2 */
export class LruCache<T> {
  private readonly known = new Map<string, T>();

  constructor(private readonly most: number) {}

  of(key: string, workOut: () => T): T {
    const found = this.known.get(key) ?? workOut();
    this.known.delete(key);
    this.known.set(key, found);
    for (const old of this.known.keys()) if (this.known.size > this.most) this.known.delete(old);
    return found;
  }
}
