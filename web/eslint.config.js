import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['src/api/schema.ts', 'node_modules'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: ts.parser } } },
  { languageOptions: { globals: globals.browser } },
  {
    rules: {
      // What is shown this way was made safe on the server, and the Content-Security-Policy holds besides.
      'vue/no-v-html': 'off',
      'no-console': 'error',
    },
  },
  prettier,
)
