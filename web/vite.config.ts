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

/** Files of the athlete's page, from its own script on: what a phone keeps for days without a network, and no more. */
const onPhones = new Set<string>();
const athletesFiles: Plugin = {
  name: 'athletes-files',
  generateBundle(_, bundle) {
    const take = (file: string) => {
      if (onPhones.has(file)) return;
      onPhones.add(file);
      const found = bundle[file];
      if (found?.type !== 'chunk') return;
      const { importedCss = [], importedAssets = [] } = found.viteMetadata ?? {};
      for (const next of [...found.imports, ...found.dynamicImports, ...importedCss, ...importedAssets]) take(next);
    };
    const page = Object.values(bundle).find(
      (one) => one.type === 'chunk' && one.isEntry && one.facadeModuleId?.endsWith('/phone.html'),
    );
    if (!page) this.error('the page of athletes is not among what was built');
    take(page.fileName);
  },
};
/** Whether a built file goes onto phones: the page, its scripts, letters of Latin alphabets, icons and sounds. */
const isForPhones = (file: string): boolean =>
  /\.(js|css)$/.test(file)
    ? onPhones.has(file)
    : file !== 'index.html' && !/(cyrillic|greek|vietnamese).*woff2$/.test(file);

/** Words are painted once the styles are there: they are fetched before scripts, which would take all connections. */
const stylesFirst: Plugin = {
  name: 'styles-first',
  transformIndexHtml: {
    order: 'post',
    handler(html) {
      const styles = html.match(/<link rel="stylesheet"[^>]*>/g) ?? [];
      const without = styles.reduce((rest, link) => rest.replace(link, ''), html);
      return without.replace('<script type="module"', () => `${styles.join('')}<script type="module"`);
    },
  },
};

export default defineConfig({
  plugins: [
    stylesFirst,
    athletesPage,
    athletesFiles,
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
        manifestTransforms: [async (entries) => ({ manifest: entries.filter(({ url }) => isForPhones(url)) })],
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
