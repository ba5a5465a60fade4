import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { componentStyles } from './component-styles.mjs';
import { opening } from './opening.mjs';

const MOST_SCREENS = 20;

const AT_THE_DOOR =
  /src[\\/](offline[\\/](kept-queries|browser-outbox|other-tabs)|api[\\/](query-client|client|request|session|other-tabs)|ui[\\/](colour-scheme|use-place|field|scheme-button|form-errors|brand-mark))\.(tsx?|module\.css)/;

/** The server that is worked on beside it. */
const SERVER = `http://127.0.0.1:${process.env['API_PORT'] ?? 4780}`;

export default defineConfig({
  plugins: [
    react(),
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
            // What nearly every screen needs, in one file: many small ones compress badly.
            { name: 'common', test: /node_modules/, minShareCount: MOST_SCREENS },
            { name: 'ours', test: /packages/, minShareCount: MOST_SCREENS },
            // What the door itself needs, for the same reason.
            { name: 'door', test: AT_THE_DOOR },
            { name: 'door', test: /vite[\\/]preload-helper/ },
            // What several screens share: each file of its own costs a phone a round trip.
            { name: 'inside', test: /packages[\\/]web|icons[\\/]es/, minShareCount: 5 },
          ],
        },
      },
    },
  },
});
