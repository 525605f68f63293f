import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['dist', 'node_modules', 'test-results', 'playwright-report', '.cache'] },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { ignoreRestSiblings: true, argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      'max-lines': ['error', { max: 320, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['src/app/**/*.tsx'],
    extends: [jsxA11y.flatConfigs.recommended, reactHooks.configs.flat.recommended],
    languageOptions: { globals: globals.browser },
  },
  { files: ['**/*.{js,mjs,cjs}'], languageOptions: { globals: globals.node } },
  {
    // A fact has one home: what is worked out or stated there is not worked out or stated again.
    files: ['src/**/*.{ts,tsx}', 'server/**/*.ts'],
    ignores: [
      '**/*.test.{ts,tsx}',
      'src/core/model/packs/**',
      'src/core/base/quantity/constants.ts',
      // Ohms of cells in a row, not their volts.
      'src/core/model/kinds/pack/pack-values.ts',
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...['left', 'right'].flatMap((side) =>
          [`${side}.property.name='cells'`, `${side}.name='cells'`].map((cells) => ({
            selector: `BinaryExpression[operator='*'][${cells}]`,
            message: 'Volts of a pack come from core/model/packs/pack-volts.',
          })),
        ),
        ...[9.81, 0.0980665, 0.00706155, 0.0070615518].map((value) => ({
          selector: `Literal[value=${value}]`,
          message: 'It stands in core/base/quantity/constants.',
        })),
      ],
    },
  },
  { files: ['**/*.test.{ts,tsx}', 'tests/**'], rules: { 'max-lines': 'off' } },
);
