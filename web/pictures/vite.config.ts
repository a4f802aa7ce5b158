import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

/**
 * The drawings and charts of the screens as pictures that stand alone, for the papers that the server makes;
 * the core stays one.
 */
export default defineConfig({
  root: import.meta.dirname,
  plugins: [react()],
  resolve: { conditions: ['source', 'module', 'node', 'development|production'] },
  ssr: {
    resolve: {
      conditions: ['source', 'module', 'node', 'development|production'],
      externalConditions: ['node'],
    },
  },
  build: {
    ssr: 'index.ts',
    outDir: '../../dist/pictures',
    emptyOutDir: true,
    target: 'node20',
    rollupOptions: { external: /^#core\// },
  },
});
