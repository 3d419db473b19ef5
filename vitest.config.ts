import { defineConfig } from 'vitest/config';

const shared = { testTimeout: 300_000, hookTimeout: 120_000 };

export default defineConfig({
  test: {
    fileParallelism: true,
    maxWorkers: 2,
    globalSetup: ['server/test/cluster.ts'],
    projects: [
      // The core keeps nothing between tests: its files share what they have loaded, the library of exercises above all.
      { test: { ...shared, name: 'core', include: ['core/{src,test}/**/*.test.ts'], isolate: false } },
      { test: { ...shared, name: 'apart', include: ['{server,cli,web}/{src,test}/**/*.test.ts'] } },
    ],
  },
});
