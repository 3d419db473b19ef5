import { Client } from 'pg';
import webPush from 'web-push';

/** Makes the keys by which push services know this server, once: phones that have said yes have said it to these. */
export async function makePushKeys(ownerUrl: string): Promise<void> {
  const client = new Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    const { publicKey, privateKey } = webPush.generateVAPIDKeys();
    await client.query('insert into push_keys (public_key, private_key) values ($1, $2) on conflict do nothing', [
      publicKey,
      privateKey,
    ]);
  } finally {
    await client.end();
  }
}
