import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    laravel({ input: ['resources/js/main.tsx'], refresh: false }),
    react(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'resources/js/offline',
      filename: 'service-worker.ts',
      // The page registers it and names its manifest itself.
      injectRegister: false,
      manifest: false,
      injectManifest: {
        globPatterns: ['assets/*.{js,css}', 'assets/{display,text}-*.woff2'],
        modifyURLPrefix: { '': '/build/' },
        manifestTransforms: [
          (entries) => {
            // The page itself changes with what it loads.
            const all = createHash('sha256').update(
              entries
                .map((entry) => entry.url)
                .sort()
                .join(),
            );
            const page = all.update(readFileSync('resources/views/shell.blade.php')).digest('hex');
            const own = ['/mark.svg', '/manifest.webmanifest', '/icon-192.png', '/icon-512.png'].map((url) => ({
              url,
              revision: createHash('sha256')
                .update(readFileSync(`public${url}`))
                .digest('hex'),
              size: 0,
            }));
            return { manifest: [...entries, ...own, { url: '/', revision: page, size: 0 }], warnings: [] };
          },
        ],
      },
    }),
  ],
  css: {
    modules: {
      localsConvention: 'camelCaseOnly',
      // A class is named for its file, so that it can be found from the page; held by tests/Page/styles.test.ts.
      generateScopedName: (name, file) => {
        const place = basename(file, '.module.css');
        return name === place || name.startsWith(`${place}-`) ? name : `${place}-${name}`;
      },
    },
  },
  // Fonts and icons stay files: inlined ones would need data: in the Content-Security-Policy.
  build: { assetsInlineLimit: 0, sourcemap: false },
});
