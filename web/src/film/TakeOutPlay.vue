<script setup lang="ts">
import { Modal } from 'ant-design-vue'

/** Asks before a play is taken out of the game, or off the reel in hand. */
defineProps<{ open: boolean; number?: number; reel?: string }>()
defineEmits<{ close: []; takeOut: []; takeOff: [] }>()
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
      <p v-if="reel">Only off this reel it stays in the log; the clicks on it here are gone for good.</p>
      <p class="acts">
        <button class="button main">Take it out</button
        ><button
          v-if="reel"
          class="button"
          type="button"
          @click="$emit('takeOff')"
        >
          Only off {{ reel }}</button
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
