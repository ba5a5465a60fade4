import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    react(),
    VitePWA({
      registerType: 'autoUpdate',
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
        // One file holds all that the screens share.
        maximumFileSizeToCacheInBytes: 8_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
      },
    }),
  ],
  worker: { format: 'es' },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4780' } },
  build: {
    target: 'es2023',
    chunkSizeWarningLimit: 1400,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'antd', test: /node_modules[\\/](antd|@ant-design|@rc-component|rc-)/ },
            { name: 'vendor', test: /node_modules/ },
          ],
        },
      },
    },
  },
});
