export function withLock<T>(
  what: string,
  work: () => T | Promise<T>,
  options?: { onWait?: () => void; whose?: string },
): Promise<T>;
