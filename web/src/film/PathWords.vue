<script setup lang="ts">
import { computed } from 'vue'
import { useFilm } from './filmStore'
import { gaps } from './paths'
import type { Paths } from './usePaths'
import WorkGoing from './WorkGoing.vue'

/** How far men are followed, and what is known by it of the man in hand. */
const props = defineProps<{ paths: Paths; target?: string }>()
const film = useFilm()
const his = computed(() => props.paths.men.value.find((m) => m.man === props.target))
const seconds = (s: number): string => `+${s.toFixed(1)} s`
const pace = computed(() => {
  const fastest = his.value?.fastest
  if (!fastest) return ''
  return `fastest ${fastest.yardsASecond.toFixed(1)} ± ${fastest.doubt.toFixed(1)} yd/s at ${seconds(fastest.seconds)}`
})
const unseen = computed(() =>
  his.value
    ? gaps(his.value)
        .map((g) => (g.to === undefined ? `from ${seconds(g.from)} on` : `from ${seconds(g.from)} to ${seconds(g.to)}`))
        .join(', ')
    : '',
)
</script>

<template>
  <WorkGoing
    v-if="paths.work.value"
    class="paths"
    :work="paths.work.value"
    of="Following men"
    @cancel="paths.cancel"
  />
  <p
    v-else-if="his"
    class="paths"
  >
    <b>{{ film.label(his.man) }}</b> followed: {{ pace || 'seen too briefly for a speed' }}; not seen {{ unseen }}.
  </p>
  <p
    v-if="paths.trouble.value"
    class="paths fault"
  >
    {{ paths.trouble.value }}
  </p>
</template>

<style scoped>
.paths {
  font: 400 13px/1.35 var(--narrow);
}
</style>
