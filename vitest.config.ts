import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,server,cli,web}/{src,test}/**/*.test.ts'],
    globalSetup: ['server/test/cluster.ts'],
    testTimeout: 300_000,
    hookTimeout: 120_000,
    fileParallelism: true,
    maxWorkers: 2,
  },
});
