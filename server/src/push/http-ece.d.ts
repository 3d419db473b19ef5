/** What is used of the package, which comes without types. */
declare module 'http_ece' {
  import type { ECDH } from 'node:crypto';
  export function decrypt(body: Buffer, how: { version: 'aes128gcm'; privateKey: ECDH; authSecret: string }): Buffer;
}
