import babel from '@rolldown/plugin-babel';
import react, { reactCompilerPreset } from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const API = process.env['DROP_CLOSE_API'] ?? 'http://127.0.0.1:4680';

/** The sound bank is the largest file, in bytes. */
const LARGEST_FILE = 8_000_000;

const ESCAPE = 'stack[i].onEsc(';
/**
 * The library's portals answer Escape from the top one down, and closing one may take others with it that the loop still
 * looks for: an error on the page. What is gone is passed over.
 */
const escapeOfPortals: Plugin = {
  name: 'escape-of-portals',
  transform(code, id) {
    if (!/portal\/es\/useEscKeyDown\.js/.test(id)) return undefined;
    if (!code.includes(ESCAPE)) throw new Error(`${id} has changed: is this still needed?`);
    return { code: code.replace(ESCAPE, 'stack[i]?.onEsc('), map: null };
  },
};

export default defineConfig({
  plugins: [
    escapeOfPortals,
    react(),
    // The compiler remembers what a component drew, so that an edit draws what hangs on it and no more.
    // Only the page: the engine and packages would take their time in the build for nothing.
    babel({ include: /\/apps\/web\/src\/.*\.tsx$/, presets: [reactCompilerPreset()] }),
    // Everything that ships with the application is kept in the browser, sounds included, so that it opens
    // without the server. A new version waits until no page of the old one is open, or its player asks for it.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Drop Close',
        short_name: 'Drop Close',
        description: 'Voice, connect and comp the changes of a tune.',
        start_url: '/book',
        display: 'standalone',
        background_color: '#101216',
        theme_color: '#101216',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{html,js,css,woff2,svg,sf3}'],
        maximumFileSizeToCacheInBytes: LARGEST_FILE,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        clientsClaim: true,
        cleanupOutdatedCaches: true,
        inlineWorkboxRuntime: true,
      },
    }),
  ],
  // The engine is read from its source, so that an edit there is seen at once.
  resolve: { conditions: ['source', ...defaultClientConditions] },
  worker: { format: 'es' },
  server: { host: '127.0.0.1', port: 4681, proxy: { '/api': API } },
  build: { target: 'es2022', sourcemap: true },
});
