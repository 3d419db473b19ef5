import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** While developing, addresses of athletes bring their page as the server would. */
const athletesPage: Plugin = {
  name: 'athletes-page',
  configureServer(server) {
    server.middlewares.use((request, _, next) => {
      if (/^\/a(\/|$)/.test(request.url ?? '')) request.url = '/phone.html';
      next();
    });
  },
};

export default defineConfig({
  plugins: [
    athletesPage,
    react(),
    tailwindcss(),
    VitePWA({
      injectRegister: false,
      registerType: 'autoUpdate',
      strategies: 'injectManifest',
      srcDir: 'src/athlete',
      filename: 'service-worker.ts',
      manifest: {
        name: 'Tropaeum',
        short_name: 'Tropaeum',
        description: 'Your session at home, led by voice, without a network.',
        start_url: '/a',
        display: 'standalone',
        background_color: '#0d0f16',
        theme_color: '#0d0f16',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      injectManifest: {
        globPatterns: ['**/*.{html,js,css,woff2,svg,wav,png}'],
        globIgnores: ['**/compose.worker-*', '**/*.wasm'],
        maximumFileSizeToCacheInBytes: 4_000_000,
      },
    }),
  ],
  worker: { format: 'es' },
  build: {
    ...{ assetsInlineLimit: 0, sourcemap: true, chunkSizeWarningLimit: 900 },
    rollupOptions: { input: ['index.html', 'phone.html'].map((page) => fileURLToPath(new URL(page, import.meta.url))) },
  },
  server: { proxy: { '/api': process.env.TROPAEUM_SERVER ?? 'http://127.0.0.1:4180' } },
});
