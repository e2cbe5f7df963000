import fs from 'node:fs'
import next from 'eslint-config-next/core-web-vitals'
import nextTs from 'eslint-config-next/typescript'
import tseslint from 'typescript-eslint'
import prettier from 'eslint-config-prettier/flat'

/** What the code of the product may not say, and why: the rules of a block replace those of the block before. */
const BARE_PANEL = {
  selector: "CallExpression[callee.name='dynamic'][arguments.length<2]",
  message:
    'Give it { loading }: without a placeholder the whole page stands still until its script is there.',
}
const BUILT_IN_POLICY = {
  selector: 'ImportSpecifier[imported.name=/_POLICY$/]',
  message:
    'Limits are the shop’s: take its policy as an argument. The built-in values are read in core/policy alone.',
}
/** The codes of the constructions, read where they are listed: the rule cannot fall behind. */
const codes = /RETENTIONS = \[([^\]]*)\]/.exec(fs.readFileSync('src/core/construction/kinds.ts', 'utf8'))?.[1]
if (!codes)
  throw new Error('eslint.config: RETENTIONS is not listed in src/core/construction/kinds.ts any more')
const CONSTRUCTION_CODE = {
  selector: `Literal[value=/^(${[...codes.matchAll(/'([^']+)'/g)].map(([, code]) => code).join('|')})$/]`,
  message: 'Ask the construction (constructionOf): its code is compared in core/construction alone.',
}

const BARE_TRANSACTION = {
  selector: "CallExpression[callee.property.name='transaction']",
  message: 'Use transact (src/data/transact.ts): it says who makes the change, for the history.',
}

export default [
  {
    ignores: [
      '.next/**',
      'coverage/**',
      'next-env.d.ts',
      'test-results/**',
      'playwright-report/**',
      'src/data/migrations/**',
      '.data/**',
      'whyalon-data/**',
    ],
  },
  ...next,
  ...nextTs,
  ...tseslint.configs.recommendedTypeChecked.map((c) => ({ ...c, files: ['**/*.{ts,tsx}'] })),
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      // Taking keys off an object by naming them is the one way that stays typed.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': ['error', BARE_PANEL, BUILT_IN_POLICY, CONSTRUCTION_CODE, BARE_TRANSACTION],
    },
  },
  {
    // Only stages and the parts of Match go without a placeholder: they are changed in a transition.
    files: [
      'src/ui/stages/StageWork.tsx',
      'src/ui/stages/measure/MeasureWork.tsx',
      'src/ui/stages/match/MatchWork.tsx',
    ],
    rules: { 'no-restricted-syntax': ['error', BUILT_IN_POLICY, CONSTRUCTION_CODE] },
  },
  {
    // The demo world says how its cases are built.
    files: ['src/core/construction/**', 'src/data/demo/**'],
    rules: { 'no-restricted-syntax': ['error', BUILT_IN_POLICY] },
  },
  {
    files: ['src/data/transact.ts'],
    rules: { 'no-restricted-syntax': ['error', BUILT_IN_POLICY, CONSTRUCTION_CODE] },
  },
  {
    // Where the shop's policy is made, where the models are studied, and in tests, the built-in values are named.
    files: ['src/core/policy/**', 'src/core/study/**', 'src/**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  // Fixtures of the runner are functions named `use`, which the React rule mistakes for a hook.
  { files: ['tests/**'], rules: { 'react-hooks/rules-of-hooks': 'off' } },
  { files: ['*.config.mjs', 'tests/empty.mjs'], rules: { 'import/no-anonymous-default-export': 'off' } },
  prettier,
]
