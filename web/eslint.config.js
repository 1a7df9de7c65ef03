import pluginVue from 'eslint-plugin-vue'
import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'

export default defineConfigWithVueTs(
  { ignores: ['target/**', 'node_modules/**', 'src/api/schema.d.ts'] },
  pluginVue.configs['flat/essential'],
  vueTsConfigs.recommended,
)
