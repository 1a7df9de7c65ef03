<script setup lang="ts">
import { Modal } from 'ant-design-vue'

/** Asks before a snap is taken out of the log. */
defineProps<{ open: boolean; number?: number }>()
defineEmits<{ close: []; takeOut: [] }>()
</script>

<template>
  <Modal
    :open="open"
    :title="`Take snap ${number} out of the log?`"
    :footer="null"
    width="420px"
    @cancel="$emit('close')"
  >
    <form
      class="asked-form"
      @submit.prevent="$emit('takeOut')"
    >
      <p>Its clicks and its grades go with it, for good. The film itself stays.</p>
      <p class="acts">
        <button class="button main">Take it out</button
        ><button
          class="button"
          type="button"
          @click="$emit('close')"
        >
          Keep it
        </button>
      </p>
    </form>
  </Modal>
</template>

<style scoped src="../styles/asked-form.css"></style>
