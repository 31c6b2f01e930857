import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['dist', 'target', 'src/api/schema.d.ts'] },
  ...tseslint.configs.strict,
  reactHooks.configs.flat.recommended,
);
