<script setup lang="ts">
import { Modal } from 'ant-design-vue'

/** Asks before something is gone for good. */
defineProps<{
  /** What is to be erased; nothing is asked while it is left out. */
  what?: string
}>()
defineEmits<{ erase: []; keep: [] }>()
</script>

<template>
  <Modal
    :open="what !== undefined"
    :title="`Erase ${what}?`"
    :footer="null"
    width="420px"
    @cancel="$emit('keep')"
  >
    <p><slot /></p>
    <p class="acts">
      <button
        class="button main"
        type="button"
        @click="$emit('erase')"
      >
        Erase it
      </button>
      <button
        class="button"
        type="button"
        @click="$emit('keep')"
      >
        Keep it
      </button>
    </p>
  </Modal>
</template>

<style scoped>
.acts {
  margin-top: 12px;
  display: flex;
  gap: 8px;
}
</style>
