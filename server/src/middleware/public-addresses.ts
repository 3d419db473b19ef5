import { lookup } from 'node:dns';
import { BlockList, isIP, type LookupFunction } from 'node:net';

/** Addresses that are nobody's public ones: this machine, its network, and what is kept for other uses (RFC 6890). */
const notPublic = new BlockList();
for (const [net, bits] of [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.0.2.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['198.51.100.0', 24],
  ['203.0.113.0', 24],
  ['224.0.0.0', 4],
  ['240.0.0.0', 4],
] as const)
  notPublic.addSubnet(net, bits, 'ipv4');
/** Of the sixth version only what is given out to the public is read, and nothing that carries an address of the fourth. */
const publicSix = new BlockList();
publicSix.addSubnet('2000::', 3, 'ipv6');
for (const [net, bits] of [
  ['2001::', 23],
  ['2001:db8::', 32],
  ['2002::', 16],
] as const)
  notPublic.addSubnet(net, bits, 'ipv6');

/** Whether an address is one that anybody on the network could have. @example isPublic('10.0.0.1') // false */
export function isPublic(address: string): boolean {
  const family = isIP(address);
  if (family === 4) return !notPublic.check(address, 'ipv4');
  return family === 6 && publicSix.check(address, 'ipv6') && !notPublic.check(address, 'ipv6');
}

/** Looks a name up and connects to what was found then, not to what it may be a moment later. */
const publicOnly =
  (resolve: typeof lookup): LookupFunction =>
  (name, options, done) => {
    resolve(name, { ...options, all: true }, (error, found) => {
      const addresses = found as unknown as { address: string; family: number }[];
      if (error || !addresses?.length || !addresses.every(({ address }) => isPublic(address))) {
        done(error ?? new Error('not public'), '', 0);
        return;
      }
      const [first] = addresses as [{ address: string; family: number }];
      if (options.all) done(null, addresses as never);
      else done(null, first.address, first.family);
    });
  };

/**
 * How a request finds the host of an address that somebody gave us: public ones only, but for the hosts that the installation allows.
 *
 * @throws where the address itself is one of a network of ours
 */
export function lookupFor(
  url: URL,
  allowed: readonly string[],
  resolve: typeof lookup = lookup,
): { lookup?: LookupFunction } {
  if (allowed.includes(url.hostname) || allowed.includes(url.host)) return {};
  const host = url.hostname.replace(/^\[|\]$/g, '');
  if (isIP(host) && !isPublic(host)) throw new Error('not public');
  return { lookup: publicOnly(resolve) };
}
