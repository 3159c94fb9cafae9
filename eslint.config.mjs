import hooks from 'eslint-plugin-react-hooks';
import { defineConfig, globalIgnores } from 'eslint/config';
import ts from 'typescript-eslint';

const forbid = (patterns, paths = []) => ({
  'no-restricted-imports': ['error', { patterns: [patterns], paths }],
});

const noRuleElsewhere = {
  selector: 'CallExpression[callee.name=/^(celsius|fahrenheit)$/]',
  message: 'Temperatures of rules stand in core/guidance; ask for the rule.',
};

const noBareDate = {
  selector: "NewExpression[callee.name='Date'][arguments.length=0]",
  message: 'The time is asked of the household’s clock, or taken as an argument.',
};

const noRoleElsewhere = {
  selector: 'BinaryExpression:matches([left.name="role"], [left.property.name="role"])',
  message: 'Who may do what stands in core/roles: ask whyNot.',
};

export default defineConfig(
  globalIgnores(['**/dist/**', '**/.expo/**', '.omtel/**', 'test-results/**', 'playwright-report/**']),
  ts.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      'no-console': 'error',
      eqeqeq: 'error',
      'no-empty': ['error', { allowEmptyCatch: false }],
    },
  },
  // Imports point one way: app → core, server → core; core imports nobody and reads no clock and no chance.
  {
    files: ['core/src/**/*.ts'],
    rules: {
      ...forbid({
        group: [
          'react',
          'react-*',
          'react/*',
          'expo',
          'expo-*',
          'expo/*',
          'hono*',
          '@hono/*',
          'knex',
          'node:*',
          '@omtel/*',
          '**/app/**',
          '**/server/**',
        ],
        message: 'The core is pure: no interface, no server, no platform.',
      }),
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The core takes the time as an argument.' },
        { object: 'Math', property: 'random', message: 'The core leaves nothing to chance.' },
        { object: 'DateTime', property: 'now', message: 'The core takes the time as an argument.' },
        { object: 'DateTime', property: 'local', message: 'The core takes the zone as an argument.' },
      ],
      'no-restricted-syntax': ['error', noBareDate],
    },
  },
  // A rule's number stands in core/guidance and nowhere else.
  {
    files: ['core/src/**/*.ts', 'app/src/**/*.{ts,tsx}'],
    ignores: ['core/src/guidance/**', 'core/src/units/**', 'core/src/testing/**', '**/*.test.ts'],
    rules: {
      'no-restricted-syntax': ['error', noRuleElsewhere, noBareDate, noRoleElsewhere],
    },
  },
  {
    files: ['core/src/roles/roles.ts'],
    rules: { 'no-restricted-syntax': ['error', noRuleElsewhere, noBareDate] },
  },
  // An index names what it lets out: the client would otherwise read the whole room to find one thing in it.
  {
    files: ['core/src/*/index.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "ExportAllDeclaration[exportKind!='type']",
          message: 'Name what the room lets out.',
        },
        noBareDate,
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    rules: forbid({
      group: ['@omtel/app*', '**/app/src/**', 'react', 'react-*', 'react/*', 'expo', 'expo-*', 'expo/*'],
      message: 'The server knows the core only.',
    }),
  },
  {
    files: ['server/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', noRoleElsewhere] },
  },
  {
    files: ['app/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...forbid(
        { group: ['@omtel/server*', '**/server/**', 'node:*'], message: 'The app knows the core only.' },
        [
          {
            name: 'lucide-react-native',
            message: 'Take icons one by one, from lucide-react-native/icons/<name>.',
          },
        ],
      ),
      ...hooks.configs.recommended.rules,
    },
  },
  // Spaces and corners are steps of one grid, named in the tokens.
  {
    files: ['app/src/**/*.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'Property[key.name=/^(rowGap|columnGap|gap|padding.*|margin.*|borderRadius)$/] > Literal.value[value!=0]',
          message: 'Spaces and corners are taken from ui/tokens.',
        },
        noRuleElsewhere,
        noBareDate,
        noRoleElsewhere,
      ],
    },
  },
  {
    files: ['scripts/**', 'bench/**', 'server/src/main.ts'],
    rules: { 'no-console': 'off' },
  },
  {
    files: ['**/*.js', '**/*.cjs'],
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
);
