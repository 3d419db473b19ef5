import { createServer } from 'node:net';

/** Ports from 1024 up that browsers refuse to open; source: the list of bad ports in the Fetch standard. */
const refusedByBrowsers = new Set([
  1719, 1720, 1723, 2049, 3659, 4045, 4190, 5060, 5061, 6000, 6566, 6665, 6666, 6667, 6668, 6669, 6679, 6697, 10080,
]);

/** Listens for a moment: the port that was free, any where none is named, or undefined. */
function probe(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.unref();
    server.once('error', () => resolve(undefined));
    server.listen(port, '127.0.0.1', () => {
      const found = server.address().port;
      server.close(() => resolve(found));
    });
  });
}

/** A free port on loopback, the wanted one where it is; for programs, not for browsers. */
export async function freePort(wanted = 0) {
  const port = (await probe(wanted)) ?? (await probe(0));
  if (port === undefined) throw new Error('no free port');
  return port;
}

/** The wanted port where it is free and browsers open it, else the next one that is. */
export async function portFrom(wanted) {
  for (let port = wanted; port < 65_536; port++) if (!refusedByBrowsers.has(port) && (await probe(port))) return port;
  throw new Error(`No port from ${wanted} on is free; set TROPAEUM_PORT to another one`);
}
