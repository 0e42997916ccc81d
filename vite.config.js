import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/scss/app.scss', 'resources/js/app.js'], refresh: true })],
    build: { assetsInlineLimit: 0 },
    css: {
        preprocessorOptions: {
            // Bootstrap 5.3 is written in the older Sass manner.
            scss: { silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
        },
    },
});
