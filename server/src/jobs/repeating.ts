/** Does something now and again each so many milliseconds, without keeping the process for it; what comes back ends it. */
export function repeatedly(work: () => void, everyMs: number): () => void {
  work();
  const timer = setInterval(work, everyMs);
  timer.unref();
  return () => clearInterval(timer);
}
