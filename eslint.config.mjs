import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

/** The house's arrows point one way: app and server to shared, shared to core; drawing to core, and app and server to it. */
const OUTER = {
  core: ['shared', 'drawing', 'server', 'app', 'demo', 'scripts'],
  shared: ['drawing', 'server', 'app', 'demo', 'scripts'],
  drawing: ['shared', 'server', 'app', 'demo', 'scripts'],
  server: ['app', 'demo', 'scripts'],
  app: ['server', 'demo', 'scripts'],
}
const PACKAGES_CORE_MAY_USE = '^(?!\\.)(?!(zod|d3-random|date-fns/constants)$).*'

/** The rooms of core/, from the ground up: none knows of one above it. */
const ROOMS = ['coat', 'learn', 'record', 'season', 'due', 'plan', 'simulate', 'care']
const rooms = ROOMS.map((room, i) => ({
  name: `rooms/${room}`,
  files: [`core/${room}/**/*.ts`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            regex: `^(#|(\\.\\./)+)(shared|drawing|server|app|demo|scripts)(/|$)`,
            message: 'core/ does not know of it: arrows point inwards, see docs/house.md.',
          },
          {
            regex: PACKAGES_CORE_MAY_USE,
            message: 'core/ is pure: only zod, d3-random, the lengths of date-fns, and its own files.',
          },
          ...(i < ROOMS.length - 1
            ? [
                {
                  regex: `^(\\.\\./)+(${ROOMS.slice(i + 1).join('|')})/`,
                  message: `core/${room} stands below it: see docs/house.md.`,
                },
              ]
            : []),
        ],
      },
    ],
  },
}))

const arrows = Object.entries(OUTER).map(([folder, barred]) => ({
  name: `arrows/${folder}`,
  files: [`${folder}/**/*.{ts,vue}`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            regex: `^(#|(\\.\\./)+|~~?/|@@?/)(${barred.join('|')})(/|$)`,
            message: `${folder}/ does not know of it: arrows point inwards, see docs/house.md.`,
          },
          ...(folder === 'core'
            ? [
                {
                  regex: PACKAGES_CORE_MAY_USE,
                  message: 'core/ is pure: only zod, d3-random, the lengths of date-fns, and its own files.',
                },
              ]
            : []),
        ],
      },
    ],
  },
}))

export default tseslint.config(
  { ignores: ['docs/**', '.data/**', '.nuxt/**', '.output/**', 'public/**'] },
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: tseslint.parser } },
  },
  {
    name: 'promises',
    files: ['{app,core,drawing,server,shared,demo,scripts,tests,post-room}/**/*.{ts,vue}'],
    languageOptions: {
      parserOptions: {
        project: [
          './core/tsconfig.json',
          './tsconfig.node.json',
          './.nuxt/tsconfig.app.json',
          './.nuxt/tsconfig.server.json',
          './.nuxt/tsconfig.shared.json',
        ],
        extraFileExtensions: ['.vue'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      // What is begun and not waited for says so.
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-for-in-array': 'error',
    },
  },
  {
    rules: {
      'no-console': ['error', { allow: ['error', 'warn'] }],
      eqeqeq: 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      'vue/multi-word-component-names': 'off',
      'vue/html-self-closing': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/attributes-order': 'off',
      'vue/require-default-prop': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
      'no-undef': 'off',
    },
  },
  { files: ['scripts/**', 'demo/**'], rules: { 'no-console': 'off' } },
  {
    name: 'core/no-clock',
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch'],
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
          message: 'core/ takes its chance from the caller.',
        },
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: 'core/ takes the day as an argument.',
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'core/ takes the day as an argument.',
        },
      ],
    },
  },
  {
    name: 'one-clock',
    files: ['app/**/*.{ts,vue}', 'server/**/*.ts', 'shared/**/*.ts', 'tests/**/*.ts'],
    ignores: ['**/clock.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...[
          "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          "NewExpression[callee.name='Date'][arguments.length=0]",
        ].map((selector) => ({ selector, message: 'The time comes from one clock: currentInstant.' })),
      ],
    },
  },
  ...arrows,
  ...rooms,
)
