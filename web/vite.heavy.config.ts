import { defineConfig } from 'vite';

/** The server's worker threads: one file with everything they need, beside the application's own build. */
export default defineConfig({
  build: {
    ssr: 'src/lib/server/heavy/worker.ts',
    outDir: 'build/heavy',
    emptyOutDir: true,
    target: 'node20',
    rollupOptions: { output: { entryFileNames: 'worker.js' } }
  },
  // These read files of their own beside themselves.
  ssr: { noExternal: true, external: ['pdfkit', 'fontkit'] }
});
