import { fileURLToPath } from 'node:url';
import react from '@vitejs/plugin-react';
import license from 'rollup-plugin-license';
import { VitePWA } from 'vite-plugin-pwa';
import { viteStaticCopy } from 'vite-plugin-static-copy';
import { defineConfig } from 'vitest/config';

/** Keeps the whole application in the browser after a first visit; a new version waits until the person takes it. */
const offline = VitePWA({
  registerType: 'prompt',
  injectRegister: false,
  manifest: {
    name: 'Dry Hull',
    short_name: 'Dry Hull',
    description: 'A workbench for the radio electronics of a surface model.',
    display: 'standalone',
    background_color: '#e9e6dd',
    theme_color: '#e9e6dd',
    icons: [{ src: '/hull.svg', sizes: 'any', type: 'image/svg+xml' }],
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,svg,woff2,txt}'],
    // The reader of labels is fetched when a photograph is first read, and kept from then on.
    globIgnores: ['ocr/**'],
    runtimeCaching: [
      { urlPattern: /\/ocr\//, handler: 'CacheFirst', options: { cacheName: 'label-reader' } },
    ],
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/licences\.txt$/],
    maximumFileSizeToCacheInBytes: 8 * 2 ** 20,
    cleanupOutdatedCaches: true,
  },
});

/** What reads photographs of labels: files with the names that its package asks for them by. */
const labelReader = viteStaticCopy({
  targets: [
    'tesseract.js/dist/worker.min.js',
    'tesseract.js/dist/worker.min.js.LICENSE.txt',
    'tesseract.js-core/LICENSE',
    'tesseract.js-core/tesseract-core-simd-lstm.wasm.js',
    '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz',
  ].map((file) => ({ src: `node_modules/${file}`, dest: 'ocr' })),
});

/** The licences of the packages that end up in the application, as a file beside it. */
const notices = license({
  thirdParty: {
    output: { file: fileURLToPath(new URL('dist/app/licences.txt', import.meta.url)) },
  },
});

export default defineConfig({
  plugins: [react(), labelReader, ...(process.env.VITEST === undefined ? [notices, offline] : [])],
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
    // Left alone, it keeps one core for watching.
    maxWorkers: '100%',
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          environment: 'node',
          // The core keeps no state that a test could see: its modules are loaded once for all files.
          isolate: false,
          include: ['src/core/**/*.test.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'shell',
          environment: 'node',
          include: ['src/{cli,storage,workers}/**/*.test.ts', '{server,scripts}/**/*.test.ts'],
        },
      },
      {
        extends: true,
        test: { name: 'app', environment: 'jsdom', include: ['src/app/**/*.test.{ts,tsx}'] },
      },
    ],
  },
});
