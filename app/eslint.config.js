import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['src/lib/api/*.d.ts', 'node_modules', '.dependency-cruiser.cjs', 'scripts'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  { languageOptions: { globals: globals.browser } },
  // svelte-check is the judge of which warnings there are; the linter does not see all of them.
  { rules: { 'svelte/no-unused-svelte-ignore': 'off' } },
  { files: ['**/*.svelte', '**/*.svelte.ts'], languageOptions: { parserOptions: { parser: ts.parser } } },
);
