import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwind()],
  resolve: { conditions: ['source', 'module', 'browser', 'import', 'default'] },
  server: {
    host: '127.0.0.1',
    proxy: { '/api': { target: `http://127.0.0.1:${process.env.PORT ?? '4310'}`, changeOrigin: false } },
  },
  build: { chunkSizeWarningLimit: 900 },
});
