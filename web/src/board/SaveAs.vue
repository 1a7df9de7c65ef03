<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { ref, watch } from 'vue'
import FaultSaid from '../shell/FaultSaid.vue'

/** A call of the catalogue is kept under a name of our own. */
const props = defineProps<{ open: boolean; name: string; fault: string }>()
defineEmits<{ save: [name: string]; close: [] }>()

const written = ref(props.name)
watch(
  () => props.open,
  () => (written.value = props.name),
)
</script>

<template>
  <Modal
    :open="open"
    title="Save as a call of our own"
    :footer="null"
    width="420px"
    @cancel="$emit('close')"
  >
    <form @submit.prevent="$emit('save', written)">
      <label class="name"
        >Name
        <input
          v-model="written"
          required
          autofocus
      /></label>
      <FaultSaid :words="fault" />
      <button class="button main">Save</button>
    </form>
  </Modal>
</template>

<style scoped>
.name {
  display: grid;
  gap: 4px;
  font-weight: 600;
  margin-bottom: 12px;
}
.name input {
  font: 400 16px var(--text);
  padding: 8px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  background: var(--card);
  color: var(--ink);
}
</style>
