<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { answer, client, problemOf } from '../api/client'
import type { ReelItem } from '../api/types'
import { usePaged } from '../shell/paged'
import ReelTable from './ReelTable.vue'
import UploadFilm from './UploadFilm.vue'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'

const {
  items: reels,
  total,
  left,
  fault,
  load,
  more,
} = usePaged(
  () => ['reels'],
  (page) => answer(client.GET('/api/reels', { params: { query: { page } } })),
)
const erasing = ref<ReelItem>()
const heading = computed(() => {
  if (total.value === undefined) return 'Film'
  if (!total.value) return 'Film: none yet.'
  return `Film: ${counted(total.value, 'reel')}. Choose one to measure and grade.`
})
const refused = ref('')

async function erase(): Promise<void> {
  try {
    await answer(client.DELETE('/api/reels/{id}', { params: { path: { id: erasing.value!.id } } }))
    refused.value = ''
    await load()
  } catch (error) {
    refused.value = problemOf(error).detail
  }
  erasing.value = undefined
}
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words">
        {{ heading }}
      </h1>
    </header>
    <section
      class="rolls"
      aria-label="Reels"
      tabindex="0"
    >
      <FaultSaid :words="refused || fault" />
      <ReelTable
        v-if="total !== undefined"
        :reels="reels"
        @erase="erasing = $event"
      />
      <p
        v-else-if="!fault"
        class="empty"
        role="status"
      >
        Opening the reels.
      </p>
      <button
        v-if="left"
        class="button"
        type="button"
        @click="more"
      >
        {{ left }} earlier
      </button>
      <UploadFilm @done="load" />
    </section>
    <Modal
      :open="!!erasing"
      :title="`Erase ${erasing?.name}?`"
      :footer="null"
      width="420px"
      @cancel="erasing = undefined"
    >
      <p>The film, its {{ counted(erasing?.snaps ?? 0, 'snap') }}, their clicks and their grades are gone for good.</p>
      <p class="acts">
        <button
          class="button main"
          type="button"
          @click="erase"
        >
          Erase it
        </button>
        <button
          class="button"
          type="button"
          @click="erasing = undefined"
        >
          Keep it
        </button>
      </p>
    </Modal>
  </div>
</template>

<style scoped>
section {
  padding: 12px 20px 24px;
  display: grid;
  gap: 18px;
  align-content: start;
  justify-items: start;
  grid-template-columns: minmax(0, 1fr);
}
section > :first-child {
  width: 100%;
}
.acts {
  margin-top: 12px;
  display: flex;
  gap: 8px;
}
</style>
