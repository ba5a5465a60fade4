import { defineConfig } from 'vite';

// One file with everything it needs: reading a dozen small modules costs more time than running them.
export default defineConfig({
  build: {
    ssr: 'dist/tsc/main.js',
    outDir: 'dist',
    emptyOutDir: false,
    target: 'node20',
    minify: false,
    rolldownOptions: { output: { entryFileNames: 'water-clock.mjs' } },
  },
  ssr: { noExternal: true },
});
