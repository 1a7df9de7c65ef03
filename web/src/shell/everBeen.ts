import { ref, watch, type Ref } from 'vue'

/** True from the first time it is: a dialog is fetched when it is first opened, and closes as dialogs do. */
export function everBeen(now: () => unknown): Readonly<Ref<boolean>> {
  const ever = ref(false)
  watch(now, (is) => (ever.value ||= !!is), { immediate: true })
  return ever
}
