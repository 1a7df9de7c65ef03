<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, toRef, watch } from 'vue'
import { answer, client, faultOf, problemOf } from '../../api/client'
import type { Spot } from '../../api/types'
import FieldPicture from '../../board/field/FieldPicture.vue'
import FaultSaid from '../../shell/FaultSaid.vue'
import WordMenu from '../../words/WordMenu.vue'
import type { Work } from './playDraft'
import RouteHandles from './RouteHandles.vue'
import { triedOf, useTrialPlace } from './useTrial'
import { routeRows } from './written'

/** One route of the book on the field, run by a man of choice; its corners are dragged, and become words. */
const props = defineProps<{ id?: string; work: Work; route: string; readonly: boolean }>()
const emit = defineEmits<{ look: [route: string]; corner: [at: number, words: string] }>()
const { formation, snap, formations, stand, lineUp } = useTrialPlace()
const written = { kind: 'routes', id: props.id, work: toRef(props, 'work') }
const routes = computed(() => routeRows(props.work.body).map((r) => ({ id: r.id, name: r.id.replaceAll('-', ' ') })))
const picture = computed(() => lineUp.data.value)
const runners = computed(
  () =>
    picture.value?.phases[0]?.offence
      .filter((m) => m.post === 'eligible')
      .sort((a, b) => Math.abs(b.feet.x) - Math.abs(a.feet.x)) ?? [],
)
const man = ref('')
watch(runners, (all) => {
  if (!all.some((m) => m.name === man.value)) man.value = all.find((m) => m.feet.x > 0)?.name ?? all[0]?.name ?? ''
})
const trouble = ref('')
const asked = computed(() => ({ snap: snap.value!, book: triedOf(written), route: props.route, man: man.value }))
const { data: trial } = useQuery({
  queryKey: computed(() => ['route trial', asked.value]),
  queryFn: () => answer(client.POST('/api/route-trials', { body: asked.value })),
  enabled: computed(() => !!snap.value && !!man.value && routes.value.some((r) => r.id === props.route)),
  placeholderData: keepPreviousData,
})
async function move(corner: number, to: Spot): Promise<void> {
  try {
    const body = { of: asked.value, corner, x: to.x, y: to.y }
    emit('corner', corner - 1, (await answer(client.POST('/api/route-trials/corners', { body }))).words)
    trouble.value = ''
  } catch (error) {
    trouble.value = problemOf(error).detail
  }
}
</script>

<template>
  <p class="against">
    The
    <WordMenu
      :value="route"
      label="Route that is drawn"
      :options="routes"
      @pick="emit('look', $event)"
    />
    of
    <WordMenu
      :value="man"
      label="Man who runs it"
      :options="runners.map((m) => ({ id: m.name, name: m.name }))"
      @pick="man = $event"
    />
    from
    <WordMenu
      :value="formation"
      label="Formation it is tried from"
      :options="formations"
      @pick="stand"
    />
  </p>
  <FaultSaid :words="trouble || faultOf(lineUp.error.value)" />
  <FieldPicture
    class="drawing"
    :board="picture"
  >
    <template #over="{ drawing }">
      <RouteHandles
        v-if="trial"
        :drawing="drawing"
        :way="trial.way"
        :readonly="readonly"
        @move="move"
      />
    </template>
  </FieldPicture>
  <p
    v-if="!readonly"
    class="soft"
  >
    Drag a corner, or reach it with Tab and move it with the arrows: half a yard a step, with Shift two.
  </p>
</template>

<style scoped src="./stage.css"></style>
