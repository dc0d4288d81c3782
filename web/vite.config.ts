import { resolve } from 'node:path';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

// Three entries: the designer's application, the small one behind a client's link, and a page shown as it would be built.
export default defineConfig({
  plugins: [react()],
  build: {
    chunkSizeWarningLimit: 1600,
    rollupOptions: {
      input: {
        designer: resolve(__dirname, 'index.html'),
        client: resolve(__dirname, 'client.html'),
        preview: resolve(__dirname, 'preview.html'),
      },
    },
  },
});
