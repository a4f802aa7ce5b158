import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { chunks } from './chunks.ts';
import { offline } from './offline/plugin.ts';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [
    react(),
    // The screens open without the server: what was typed meanwhile waits in the browser.
    offline(),
  ],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  worker: { format: 'es' },
  optimizeDeps: { exclude: ['highs'] },
  build: {
    outDir: '../dist/web',
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      output: { codeSplitting: chunks },
      // The solver asks for a file of Node's only where it runs in Node.
      onLog: (level, log, say) => {
        if (!log.message.includes('"node:module"')) say(level, log);
      },
    },
  },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env['PORT'] ?? 8300}` } },
});
