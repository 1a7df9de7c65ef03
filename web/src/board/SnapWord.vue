<script setup lang="ts">
defineProps<{
  value: string
  label: string
  options: readonly { id: string; name: string }[]
  strong?: boolean
  comma?: boolean
}>()
defineEmits<{ pick: [id: string] }>()
</script>

<template>
  <span class="word"
    ><select
      :aria-label="label"
      :class="{ strong }"
      :value="value"
      @change="$emit('pick', ($event.target as HTMLSelectElement).value)"
    >
      <option
        v-for="o in options"
        :key="o.id"
        :value="o.id"
      >
        {{ o.name }}
      </option></select
    ><template v-if="comma">,</template></span
  >
</template>

<style scoped>
.word {
  white-space: nowrap;
}
select {
  appearance: none;
  field-sizing: content;
  border: 0;
  border-bottom: 2px solid var(--rule);
  border-radius: 0;
  background: transparent;
  color: inherit;
  font: inherit;
  padding: 0;
  cursor: pointer;
  max-width: 100%;
}
select:hover {
  border-bottom-color: var(--ink);
}
.strong {
  font-weight: 700;
}
option {
  font: 400 14px var(--text);
  color: var(--ink);
  background: var(--card);
}
</style>
