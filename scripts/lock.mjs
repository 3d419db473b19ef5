import { createHash } from 'node:crypto';
import { createServer } from 'node:net';
import { root } from './paths.mjs';

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** Takes a name that one process of this machine can have at a time, or undefined; the kernel gives it back when the process ends, however it ends. */
function take(name) {
  return new Promise((resolve, reject) => {
    const holder = createServer();
    holder.unref();
    holder.once('error', (error) => (error.code === 'EADDRINUSE' ? resolve(undefined) : reject(error)));
    holder.listen(`\0${name}`, () => resolve(() => new Promise((done) => holder.close(done))));
  });
}

/** Does something of this folder while nobody else does it; `onWait` is called once when somebody is at it. */
export async function withLock(what, work, { onWait = () => undefined, whose = root } = {}) {
  const name = `tropaeum-${createHash('sha256').update(`${whose} ${what}`).digest('hex').slice(0, 24)}`;
  let release = await take(name);
  if (!release) onWait();
  while (!release) {
    await pause(200);
    release = await take(name);
  }
  try {
    return await work();
  } finally {
    await release();
  }
}
