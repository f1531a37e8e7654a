import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
    js.configs.recommended,
    ...ts.configs.strict,
    ...svelte.configs.recommended,
    { languageOptions: { globals: { ...globals.browser, say: 'readonly' } } },
    { files: ['server/*.mjs'], languageOptions: { globals: globals.node } },
    {
        files: ['**/*.svelte', '**/*.svelte.ts'],
        languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'] } },
    },
    {
        rules: {
            '@typescript-eslint/no-explicit-any': 'error',
            'svelte/require-each-key': 'error',
            // The router resolves plain addresses itself.
            'svelte/no-navigation-without-resolve': 'off',
        },
    },
    { ignores: ['resources/js/lib/api-types.d.ts', 'public/', 'vendor/', 'var/'] },
);
