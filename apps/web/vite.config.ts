import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

const API = process.env['DROP_CLOSE_API'] ?? 'http://127.0.0.1:4680';

export default defineConfig({
  plugins: [react()],
  // The engine is read from its source, so that an edit there is seen at once.
  resolve: { conditions: ['source', ...defaultClientConditions] },
  worker: { format: 'es' },
  server: { host: '127.0.0.1', port: 4681, proxy: { '/api': API } },
  build: { target: 'es2022', sourcemap: true },
});
