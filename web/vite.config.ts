import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      injectRegister: false,
      registerType: 'autoUpdate',
      manifest: {
        name: 'Tropaeum',
        short_name: 'Tropaeum',
        display: 'standalone',
        background_color: '#14161f',
        theme_color: '#14161f',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        globPatterns: ['**/*.{html,js,css,woff2,svg}'],
        globIgnores: ['**/compose.worker-*', '**/*.wasm'],
        maximumFileSizeToCacheInBytes: 4_000_000,
      },
    }),
  ],
  worker: { format: 'es' },
  build: { assetsInlineLimit: 0, sourcemap: true, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': process.env.TROPAEUM_SERVER ?? 'http://127.0.0.1:4180' } },
});
