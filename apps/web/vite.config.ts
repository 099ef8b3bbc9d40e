import { existsSync, readdirSync } from 'node:fs';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

/** Toasts write their styles into the page, which our own rules for pages forbid: they come as a file instead. */
const stylesAsFile = {
  name: 'toast-styles-as-file',
  transform(code: string, id: string): string | undefined {
    if (!id.endsWith('/sonner/dist/index.mjs')) return undefined;
    const without = code.replace(/^__insertCSS\(".*"\);$/m, '');
    if (without === code) throw new Error('The toasts no longer write their styles as they did.');
    return without;
  },
};

/** The folder of the pictures that `drawPictures.mjs` has drawn; empty before it has. */
const figures = existsSync(new URL('public/figures/', import.meta.url))
  ? (readdirSync(new URL('public/figures/', import.meta.url))[0] ?? '')
  : '';

export default defineConfig({
  define: { __FIGURES__: JSON.stringify(figures) },
  plugins: [react(), tailwind(), stylesAsFile],
  resolve: { conditions: ['source', 'module', 'browser', 'import', 'default'] },
  server: {
    host: '127.0.0.1',
    proxy: { '/api': { target: `http://127.0.0.1:${process.env.PORT ?? '4310'}`, changeOrigin: false } },
  },
  build: { chunkSizeWarningLimit: 900 },
});
