import { defineConfig } from 'vitest/config';

/** Logic of the pages that needs no screen. */
export default defineConfig({ test: { include: ['tests/Page/**/*.test.ts'] } });
