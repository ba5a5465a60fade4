import { defineConfig } from 'vite';

// A few files with everything they need, a verb's own read only when it is asked for: reading code costs more than running it.
export default defineConfig({
  build: {
    ssr: 'dist/tsc/main.js',
    outDir: 'dist/program',
    emptyOutDir: true,
    target: 'node20',
    minify: false,
    rolldownOptions: { output: { entryFileNames: 'water-clock.mjs' } },
  },
  ssr: { noExternal: true },
});
