import js from '@eslint/js';
import globals from 'globals';

export default [
    { ignores: ['public/', 'vendor/', 'node_modules/', 'test-results/', 'storage/'] },
    js.configs.recommended,
    { files: ['resources/js/**'], languageOptions: { globals: globals.browser } },
    {
        files: ['tests/Browser/**', 'bootstrap/**', 'docs/**', 'bench/**', '*.config.js'],
        languageOptions: { globals: { ...globals.node, ...globals.browser } },
    },
];
