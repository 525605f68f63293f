import { defineConfig } from 'vite';

/** The benchmark is built like the application: what is timed is what people run. */
export default defineConfig({
  logLevel: 'error',
  build: {
    ssr: true,
    outDir: 'dist/bench',
    rolldownOptions: { input: ['scripts/bench.ts', 'scripts/bench-worker.ts'] },
  },
});
