import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [vue()],
    publicDir: false,
    base: '/build/',
    build: {
        outDir: 'public/build',
        manifest: 'manifest.json',
        rollupOptions: { input: 'resources/js/main.ts' },
        chunkSizeWarningLimit: 900,
    },
    test: { include: ['resources/js/**/*.test.ts'] },
} as never);
