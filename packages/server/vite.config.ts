import { defineConfig } from 'vite';

const program = (name: string) => `dist/${name}.js`;

// The programs with what they need in a few files: reading two thousand small modules takes a server longer than
// all else it does before it listens. Beside the compiler's own, so that what they find by their place is there.
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist',
    emptyOutDir: false,
    target: 'node20',
    minify: false,
    reportCompressedSize: false,
    rolldownOptions: {
      input: {
        main: program('main'),
        migrate: program('migrate'),
        'load-demo': program('load-demo'),
        firm: program('firm'),
      },
      output: {
        entryFileNames: '[name].mjs',
        chunkFileNames: 'packed/[name].mjs',
        // Nest finds what to give a class by its name.
        keepNames: true,
      },
    },
  },
  ssr: {
    noExternal: true,
    // What looks for its own files, or for packages that may be absent.
    external: [
      'argon2',
      'pdfmake',
      'pg',
      'pino',
      'pino-http',
      'prom-client',
      'piscina',
      'typeorm',
      '@nestjs/microservices',
      '@nestjs/websockets',
    ],
  },
});
