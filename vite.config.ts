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
    // The lint and the types are run whole in some tests: how fast is for the benchmarks to say.
    test: { testTimeout: 120_000, include: ['resources/js/**/*.test.ts', 'support/texts/*.test.ts'] },
} as never);
