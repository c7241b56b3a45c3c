import babel from '@rolldown/plugin-babel';
import react, { reactCompilerPreset } from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

const API = process.env['DROP_CLOSE_API'] ?? 'http://127.0.0.1:4680';

export default defineConfig({
  plugins: [
    react(),
    // The compiler remembers what a component drew, so that an edit draws what hangs on it and no more.
    // Only the page: the engine and packages would take their time in the build for nothing.
    babel({ include: /\/apps\/web\/src\/.*\.tsx$/, presets: [reactCompilerPreset()] }),
  ],
  // The engine is read from its source, so that an edit there is seen at once.
  resolve: { conditions: ['source', ...defaultClientConditions] },
  worker: { format: 'es' },
  server: { host: '127.0.0.1', port: 4681, proxy: { '/api': API } },
  build: { target: 'es2022', sourcemap: true },
});
