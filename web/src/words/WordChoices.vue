<script setup lang="ts">
import ChoiceSearch from './ChoiceSearch.vue'
import type { Choice } from './fitting'

/** The open menu of a word, over the word. */
defineProps<{ value: string; label: string; options: readonly Choice[]; free?: boolean; begun?: string }>()
const emit = defineEmits<{ pick: [id: string]; look: [id: string]; close: [] }>()
</script>

<template>
  <!-- Escape closes the list and not the dialog it stands in -->
  <span
    class="over"
    @keydown.esc.stop
    ><ChoiceSearch
      :value="value"
      :label="label"
      :options="options"
      :free="free"
      :begun="begun"
      @pick="emit('pick', $event)"
      @look="emit('look', $event)"
      @close="emit('close')"
  /></span>
</template>

<style scoped>
.over {
  position: absolute;
  left: -9px;
  top: 50%;
  transform: translateY(-50%);
  z-index: 8;
  min-width: max(calc(100% + 18px), 190px);
}
.over :deep(.ant-select) {
  width: 100%;
}
</style>
