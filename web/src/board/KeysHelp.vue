<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import type { Action } from '../shell/keys'

defineProps<{ open: boolean; actions: readonly Action[] }>()
defineEmits<{ close: [] }>()
</script>

<template>
  <Modal
    :open="open"
    title="Keys"
    :footer="null"
    width="480px"
    @cancel="$emit('close')"
  >
    <dl>
      <template
        v-for="a in actions"
        :key="a.id"
        ><dt>
          <span class="key">{{ a.shortcut }}</span>
        </dt>
        <dd>{{ a.label }}</dd></template
      >
    </dl>
  </Modal>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 7px 12px;
  align-items: baseline;
}
</style>
