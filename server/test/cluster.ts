import type { TestProject } from 'vitest/node';
import { Cluster } from '../../scripts/database.mjs';

declare module 'vitest' {
  export interface ProvidedContext {
    adminUrl: string;
    ownerUrl: string;
    appUrl: string;
  }
}

/** A cluster for tests only, fast because it may forget; every test file makes its own database in it. */
export default async function start(project: TestProject): Promise<() => void> {
  const cluster = new Cluster('test-database', { fast: true });
  await cluster.join();
  cluster.ensureDatabase('postgres');
  project.provide('adminUrl', cluster.url('tropaeum_admin', 'postgres'));
  project.provide('ownerUrl', cluster.url('tropaeum_owner', 'postgres'));
  project.provide('appUrl', cluster.url('tropaeum_app', 'postgres'));
  return () => cluster.leave();
}
