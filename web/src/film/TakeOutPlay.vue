<script setup lang="ts">
import { Modal } from 'ant-design-vue'

/** Asks before a play is taken out of the game. */
defineProps<{ open: boolean; number?: number }>()
defineEmits<{ close: []; takeOut: [] }>()
</script>

<template>
  <Modal
    :open="open"
    :title="`Take play ${number} out of the game?`"
    :footer="null"
    width="420px"
    @cancel="$emit('close')"
  >
    <form
      class="asked-form"
      @submit.prevent="$emit('takeOut')"
    >
      <p>The plays after it move up by one. Its film, clicks and grades wait: R puts it back.</p>
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
