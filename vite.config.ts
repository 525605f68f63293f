import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  worker: { format: 'es' },
  build: {
    outDir: 'dist/app',
    // Inlined fonts break the strict content policy the server sends.
    assetsInlineLimit: (file) => (/\.woff2$/.test(file) ? false : undefined),
    chunkSizeWarningLimit: 900,
  },
  test: {
    // Wall time says more of the machine than of the code; only a hang should fail.
    testTimeout: 60_000,
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          environment: 'node',
          include: ['src/{core,cli,storage,workers}/**/*.test.ts', '{server,scripts}/**/*.test.ts'],
        },
      },
      {
        extends: true,
        test: { name: 'app', environment: 'jsdom', include: ['src/app/**/*.test.{ts,tsx}'] },
      },
    ],
  },
});
