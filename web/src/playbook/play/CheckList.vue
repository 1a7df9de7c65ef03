<script setup lang="ts">
/** Some of several, kept in the order in which they may be chosen. */
const props = defineProps<{
  label: string
  value: unknown
  options: readonly { id: string; name: string }[]
  readonly: boolean
}>()
const emit = defineEmits<{ change: [chosen: string[]] }>()
const has = (id: string): boolean => ((props.value ?? []) as string[]).includes(id)
const turn = (id: string): void =>
  emit(
    'change',
    props.options.map((o) => o.id).filter((o) => (o === id ? !has(o) : has(o))),
  )
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <label
      v-for="o in options"
      :key="o.id"
      ><input
        type="checkbox"
        :checked="has(o.id)"
        :disabled="readonly"
        @change="turn(o.id)"
      />
      {{ o.name }}</label
    >
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
  grid-column: 1 / -1;
}
legend {
  font: 600 13px/1.3 var(--narrow);
  color: var(--soft);
}
label {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  margin-right: 16px;
  font: 500 14px var(--narrow);
}
</style>
