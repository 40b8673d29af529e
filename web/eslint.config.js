import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import accessibility from 'eslint-plugin-vuejs-accessibility'
import typescript from 'typescript-eslint'

export default typescript.config(
  { ignores: ['dist', 'node_modules', 'src/api/schema.d.ts', 'src/pocket/pocket.js'] },
  ...typescript.configs.recommended,
  ...vue.configs['flat/recommended'],
  ...accessibility.configs['flat/recommended'],
  prettier,
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: typescript.parser } },
  },
  {
    files: ['**/*.{ts,js,vue}'],
    rules: {
      // A line is read by people, in scripts and templates alike.
      'vue/max-len': ['error', { code: 140, template: 140, ignoreUrls: true }],
      // Pages are named by one word of the farmer's.
      'vue/multi-word-component-names': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      // Vuetify's fields label themselves.
      'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
    },
  },
)
