import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [laravel({ input: ['resources/js/main.tsx'], refresh: false }), react()],
  // Fonts and icons stay files: inlined ones would need data: in the Content-Security-Policy.
  build: { assetsInlineLimit: 0, sourcemap: false },
});
