/** Does something now and again each so many milliseconds, one at a time and without keeping the process for it; what comes back ends it. */
export function repeatedly(
  work: () => Promise<unknown>,
  everyMs: number,
  onFault: (error: unknown) => void,
): () => void {
  let isRunning = false;
  const run = async () => {
    if (isRunning) return;
    isRunning = true;
    try {
      await work();
    } catch (error) {
      onFault(error);
    } finally {
      isRunning = false;
    }
  };
  void run();
  const timer = setInterval(() => void run(), everyMs);
  timer.unref();
  return () => clearInterval(timer);
}
