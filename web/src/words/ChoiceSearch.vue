<script setup lang="ts">
import { Select } from 'ant-design-vue'
import { useMutationObserver } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, useId, useTemplateRef, type Component } from 'vue'
import { grouped, offered, type Choice } from './fitting'

/** An open list of everything there is, found by typing names, ids or what a thing is in the trade. */
const props = defineProps<{
  value?: string
  label: string
  options: readonly Choice[]
  placeholder?: string
  listClass?: string
  /** What is typed may be taken as it is. */
  free?: boolean
  /** What was typed before the list was there. */
  begun?: string
}>()
const emit = defineEmits<{ pick: [id: string]; look: [id: string]; close: [] }>()
const find = ref(props.begun ?? '')
interface Line {
  value: string
  label: string
  words: string
  shortcut: string
  disabled?: boolean
  class?: string
}
const told = (c: Choice): Line => ({ value: c.id, label: c.name, words: c.words ?? '', shortcut: c.key ?? '' })
const heading = (name: string): Line => ({
  value: `heading ${name}`,
  label: name,
  words: '',
  shortcut: '',
  disabled: true,
  class: 'heading',
})
const shown = computed(() => {
  const found = offered(find.value, props.options, props.free)
  if (find.value.trim()) return found.map(told)
  return grouped(found).flatMap((g) => (g.name ? [heading(g.name), ...g.choices.map(told)] : g.choices.map(told)))
})
const classes = computed(() =>
  ['word-list', props.options.some((o) => o.words) ? 'wide' : '', props.listClass ?? ''].join(' '),
)
const LIST_HEIGHT = 384
/** From so many on, only what is seen of the list is drawn; the library does so in a list of known width alone. */
const MANY = 40
const WIDTHS = { names: 330, words: 690 }
const MOST_OF_THE_WINDOW = 0.9
const width = computed(() => {
  // a list of its own kind is as wide as the field it hangs from
  if (props.listClass) return true
  if (props.options.length <= MANY) return false
  const wanted = props.options.some((o) => o.words) ? WIDTHS.words : WIDTHS.names
  return Math.min(wanted, window.innerWidth * MOST_OF_THE_WINDOW)
})
const box = useTemplateRef<{ focus: () => void }>('box')
onMounted(() => box.value?.focus())
const id = useId()
const list = shallowRef<HTMLElement>()
/** The library reads a list of its own aloud; the one that is seen is for the eye alone. */
function seenOnly(seen: unknown): void {
  if (!(seen instanceof HTMLElement)) return
  list.value = seen
  seen.querySelector('.rc-virtual-list')?.setAttribute('aria-hidden', 'true')
}
let looked = props.value
/** The library does not say which line the hand or the keys are on; the line itself does. */
useMutationObserver(
  list,
  () => {
    const on = list.value?.querySelector<HTMLElement>('.ant-select-item-option-active [data-choice]')?.dataset.choice
    if (on === undefined || on === looked) return
    looked = on
    emit('look', on)
  },
  { subtree: true, childList: true, attributeFilter: ['class'] },
)
</script>

<template>
  <label
    :for="id"
    class="unseen"
    >{{ label }}</label
  >
  <Select
    :id="id"
    ref="box"
    class="choices"
    :value="find.trim() ? undefined : value"
    :search-value="find"
    :options="shown"
    :placeholder="placeholder"
    :popup-class-name="classes"
    :dropdown-match-select-width="width"
    :list-height="LIST_HEIGHT"
    :filter-option="false"
    :virtual="!!width"
    show-search
    default-open
    @search="find = $event"
    @select="emit('pick', String($event))"
    @dropdown-visible-change="(open: boolean) => open || emit('close')"
  >
    <template #option="{ value: choice, label: name, words, shortcut }">
      <span
        class="name"
        :data-choice="choice"
        >{{ name
        }}<span
          v-if="shortcut"
          class="key"
          >{{ shortcut }}</span
        ></span
      >
      <span
        v-if="words"
        class="what"
        >{{ words }}</span
      >
    </template>
    <template #dropdownRender="{ menuNode }: { menuNode: Component }">
      <div :ref="seenOnly"><component :is="menuNode" /></div>
    </template>
    <template #notFoundContent
      ><p class="none">Nothing is called “{{ find }}”. Try a part of its name, or what it is.</p></template
    >
  </Select>
</template>

<style scoped>
.none {
  margin: 0;
  padding: 6px 12px;
  color: var(--soft);
  max-width: 320px;
  white-space: normal;
}
.choices :deep(input) {
  font: inherit;
  outline: none;
  box-shadow: none;
}
</style>
<style>
.word-list .ant-select-item {
  min-width: 190px;
  font: 400 14px/1.35 var(--text);
}
.word-list.word-list .ant-select-item.heading {
  min-height: 0;
  padding: 7px 12px 2px;
  font: 600 13px/1.5 var(--narrow);
  color: var(--soft);
  cursor: default;
}
.word-list.wide .ant-select-item-option-content {
  display: grid;
  grid-template-columns: 210px 430px;
  gap: 14px;
  white-space: normal;
}
.word-list.palette-list .ant-select-item-option-content {
  grid-template-columns: 270px 310px;
}
.word-list .what {
  color: var(--soft);
  font: 400 14px/1.35 var(--narrow);
}
.word-list .key {
  margin-left: 8px;
}
.word-list .ant-select-item-option-selected .name {
  font-weight: 700;
}
@media (max-width: 760px) {
  .word-list.wide .ant-select-item-option-content {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
    max-width: 82vw;
  }
}
</style>
