import queryRules from '@tanstack/eslint-plugin-query';
import formatjs from 'eslint-plugin-formatjs';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import { defineConfig } from 'eslint/config';
import tseslint from 'typescript-eslint';

/** The rule for words alone: arrows, dots and signs between elements belong to no language. */
const forWordsOnly = (rule) => ({
  ...rule,
  create: (context) => {
    const words = (node) => (node.type === 'TemplateLiteral' ? node.quasis.map((q) => q.value.raw).join(' ') : context.sourceCode.getText(node));
    const report = (found) => /\p{L}{2}/u.test(words(found.node)) && context.report(found);
    return rule.create(Object.create(context, { report: { value: report } }));
  },
});

export default defineConfig(
  { ignores: ['dist', 'target', 'src/api/schema.d.ts', '*.js', '*.mjs'] },
  ...tseslint.configs.strictTypeChecked,
  { languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } } },
  {
    rules: {
      // A figure in a sentence, and a handler that is one call, are what they look like.
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
    },
  },
  reactHooks.configs.flat.recommended,
  jsxA11y.flatConfigs.recommended,
  {
    plugins: { formatjs: { rules: { 'no-literal-string-in-jsx': forWordsOnly(formatjs.rules['no-literal-string-in-jsx']) } } },
    files: ['src/**/*.tsx'],
    ignores: ['src/**/*.test.tsx'],
    rules: { 'formatjs/no-literal-string-in-jsx': 'error' },
  },
  ...queryRules.configs['flat/recommended'],
);
