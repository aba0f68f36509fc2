import js from '@eslint/js';
import globals from 'globals';
import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';
import svelteConfig from './web/svelte.config.js';

/** What the core may not know of: the web, the database, Node, the page. */
const OUTSIDE_THE_CORE = [
  'node:*',
  'fs',
  'path',
  'crypto',
  'svelte',
  'svelte/*',
  '@sveltejs/*',
  '$app/*',
  '$lib/*',
  '**/web/**',
  'sequelize',
  'zod',
  'chart.js'
];
const PAGE_AND_NODE = ['window', 'document', 'navigator', 'localStorage', 'fetch', 'process', 'Buffer', 'performance', 'setTimeout', 'Worker', 'postMessage'];

const CORE_BORDER = [
  { group: OUTSIDE_THE_CORE, message: 'The core is pure: no page, no Node, no database.' },
  { regex: '^(\\.\\./)+[a-z-]+/.+', message: 'Go through the folder’s index.' }
];
const FIT_ROOMS = ['zones', 'tables', 'shoe', 'judge', 'room', 'words', 'helps', 'doubt', 'rank', 'ask', 'open'];

export default ts.config(
  { ignores: ['**/node_modules', '**/.svelte-kit', '**/build', '.data', 'test-results', 'playwright-report'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  {
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      // Our pages live at the root of their host; addresses are plain strings.
      'svelte/no-navigation-without-resolve': 'off',
      // Spaces between inline pieces are written out where the formatter would swallow them.
      'svelte/no-useless-mustaches': 'off'
    }
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig } }
  },
  {
    // The border of the core, and one door a folder.
    files: ['core/src/**/*.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: CORE_BORDER }],
      'max-params': ['error', 6],
      'no-restricted-globals': ['error', ...PAGE_AND_NODE.map((name) => ({ name, message: 'The core is pure: no page, no Node.' }))]
    }
  },
  // The rooms of the fit: each takes from those before it only, so that no circle can arise.
  ...FIT_ROOMS.map((room, at) => ({
    files: [`core/src/fit/${room}/**/*.ts`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            ...CORE_BORDER,
            {
              regex: `^\\.\\./(${[...FIT_ROOMS.slice(at), 'index'].join('|')})$`,
              message: `A room of the fit takes from those before it only: ${FIT_ROOMS.join(', ')}.`
            }
          ]
        }
      ]
    }
  })),
  {
    files: ['web/src/**/*.{ts,svelte}'],
    ignores: ['web/src/lib/server/db/**'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: ['@chiave/core/*/*', '**/core/src/**'], message: 'Go through the folder’s index.' },
            {
              group: ['sequelize', 'umzug', 'mariadb', '**/db/*'],
              allowTypeImports: true,
              message: 'Only lib/server/db touches the database packages; go through its index.'
            }
          ]
        }
      ]
    }
  },
  {
    // Parts stand in the kit; what needs the browser's own element says there why.
    files: ['web/src/**/*.svelte'],
    ignores: ['web/src/lib/ui/kit/**'],
    rules: {
      'svelte/no-restricted-html-elements': [
        'error',
        { elements: ['button', 'select', 'table', 'input', 'textarea', 'dialog', 'progress'], message: 'Take the part from lib/ui/kit.' }
      ]
    }
  },
  {
    // Workers and drawings know no page: nothing of lib/ui but the kit.
    files: ['web/src/lib/{workers,drawing}/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '(\\$lib|\\.\\.)/ui/(?!kit/)', message: 'Workers and drawings take nothing of lib/ui but the kit.' }] }
      ]
    }
  }
);
