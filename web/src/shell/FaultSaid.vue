<script setup lang="ts">
/** What was refused or did not come, in the server's words; in the slot what can be done about it. */
defineProps<{ words?: string }>()
</script>

<template>
  <p
    v-if="words"
    class="fault"
    role="alert"
  >
    {{ words }}
    <slot />
  </p>
</template>
