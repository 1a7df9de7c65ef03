<script setup lang="ts">
import { Tooltip } from 'ant-design-vue'
import type { Hint } from './useHints'

/** The words of a hint beside what they explain. */
const props = defineProps<{ hint: Hint }>()
const { left, top, width, height } = props.hint.box
</script>

<template>
  <Tooltip
    open
    :title="hint.words"
    overlay-class-name="hint no-print"
    ><span
      class="place"
      aria-hidden="true"
      :style="{ left: `${left}px`, top: `${top}px`, width: `${width}px`, height: `${height}px` }"
  /></Tooltip>
</template>

<style scoped>
.place {
  position: fixed;
  pointer-events: none;
}
</style>
<style>
.hint.hint .ant-tooltip-inner {
  background: var(--ink);
  color: var(--card);
  border-radius: 3px;
  box-shadow: none;
  font: 400 14px/1.4 var(--narrow);
  padding: 6px 10px;
}
.hint.hint .ant-tooltip-arrow::before {
  background: var(--ink);
}
.hint.hint {
  pointer-events: none;
  max-width: 340px;
}
</style>
