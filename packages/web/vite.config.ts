import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { componentStyles } from './component-styles.mjs';
import { opening } from './opening.mjs';

/**
 * The screens that everybody sees first: all that they need comes with them, each in one file. `main` itself waits for
 * the first screen: it stands alone, or the screen would wait for it.
 */
const DOOR =
  /web[\\/]src[\\/](app[\\/](providers|router)|offline[\\/]browser-outbox|sign-in[\\/]sign-in-page)\.tsx?/;
const FIRST_INSIDE =
  /web[\\/]src[\\/](app[\\/]signed-in-frame|properties[\\/]properties-page)\.tsx/;

/** The server that is worked on beside it. */
const SERVER = `http://127.0.0.1:${process.env['API_PORT'] ?? 4780}`;

/** They teach d3's selections more, of which nothing is used here; they say of themselves that they cannot be left out. */
const withoutTransitions = (): Plugin => ({
  name: 'without-transitions',
  transform: (code, id) =>
    /node_modules[\\/]d3-(transition|zoom|brush)/.test(id)
      ? { code, map: null, moduleSideEffects: false }
      : undefined,
});

export default defineConfig({
  plugins: [
    react(),
    withoutTransitions(),
    componentStyles(),
    opening(),
    VitePWA({
      registerType: 'autoUpdate',
      // The application registers it, once somebody has signed in.
      injectRegister: null,
      manifest: {
        name: 'Water Clock',
        short_name: 'Water Clock',
        description: 'Programs sprinkler timers so that no two program runs ever overlap.',
        display: 'standalone',
        start_url: '/properties',
        background_color: '#f7f4ec',
        theme_color: '#26231e',
        icons: [{ src: 'icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 2_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/s\//],
      },
    }),
  ],
  worker: { format: 'es' },
  // The host stays the browser's own: the server refuses writes from pages of another.
  server: { host: '127.0.0.1', proxy: { '/api': { target: SERVER }, '/s/': { target: SERVER } } },
  build: {
    target: 'es2023',
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'react', test: /node_modules[\\/](react|react-dom|scheduler)[\\/]/ },
            { name: 'door', test: DOOR },
            { name: 'inside', test: FIRST_INSIDE },
            // What many other screens share: each file of its own costs a phone a round trip, and small ones compress badly.
            { name: 'common', test: /node_modules/, minShareCount: 20 },
            { name: 'ours', test: /packages/, minShareCount: 22 },
            // The list of homes wants this of what is shared, and nothing else.
            { name: 'table', test: /ui[\\/]data-table/ },
            // Many screens show photos, and the desk is none of them.
            { name: 'photos', test: /web[\\/]src[\\/]photos|CameraOutlined/, minShareCount: 3 },
            { name: 'shared', test: /packages[\\/]web|icons[\\/]es/, minShareCount: 6 },
          ],
        },
      },
    },
  },
});
