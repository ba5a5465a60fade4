import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { opening } from './opening.mjs';

// The page of a link is built by itself, beside the application: nothing of it is loaded with a sheet, and of the
// languages that a household reads but one.
export default defineConfig({
  plugins: [react(), opening()],
  publicDir: false,
  build: {
    target: 'es2023',
    emptyOutDir: false,
    rolldownOptions: {
      input: 'share.html',
      output: {
        entryFileNames: 'assets/share-[hash].js',
      },
    },
  },
});
