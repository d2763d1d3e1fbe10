import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { texts } from './support/texts/templates';

export default defineConfig({
    plugins: [vue({ template: { compilerOptions: { nodeTransforms: [texts()] } } })],
    publicDir: false,
    base: '/build/',
    build: {
        outDir: 'public/build',
        manifest: 'manifest.json',
        rollupOptions: { input: 'resources/js/main.ts' },
        chunkSizeWarningLimit: 900,
    },
    test: { include: ['resources/js/**/*.test.ts', 'support/texts/*.test.ts'] },
} as never);
