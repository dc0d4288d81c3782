import { resolve } from 'node:path';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

// Two entries: the designer's application, and the small one behind a client's link.
export default defineConfig({
  plugins: [react()],
  build: {
    chunkSizeWarningLimit: 1600,
    rollupOptions: {
      input: { designer: resolve(__dirname, 'index.html'), client: resolve(__dirname, 'client.html') },
    },
  },
});
