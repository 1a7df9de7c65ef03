<script setup lang="ts">
import { Table, type TableColumnsType } from 'ant-design-vue'
import type { ReelItem } from '../api/types'
import CutFiles from './CutFiles.vue'
import FrameStill from './FrameStill.vue'
import MadeOver from './MadeOver.vue'

/** The films kept here, with what was done on each. */
const props = defineProps<{ game: number; reels: ReelItem[]; mayErase: boolean }>()
defineEmits<{ cut: []; erase: [reel: ReelItem]; make: [reel: ReelItem]; cancel: [job: number] }>()

const size = (bytes: number): string => (bytes ? `${(bytes / 1e6).toFixed(1)} MB` : 'not known')
const COLUMNS: TableColumnsType<ReelItem> = [
  { key: 'name', title: 'Reel', width: 250 },
  { key: 'view', title: 'View', dataIndex: 'view' },
  { key: 'plays', title: 'Plays', dataIndex: 'plays' },
  { key: 'placed', title: 'Places clicked', customRender: ({ record: r }) => `${r.placed} of ${r.plays}` },
  { key: 'marked', title: 'Marked', customRender: ({ record: r }) => `${r.marked} of ${r.plays}` },
  { key: 'length', title: 'Length', customRender: ({ record: r }) => `${r.seconds.toFixed(1)} s, ${r.frames} frames` },
  {
    key: 'picture',
    title: 'Picture',
    customRender: ({ record: r }) => `${r.width} x ${r.height} px${r.rotation ? `, turned ${r.rotation}°` : ''}`,
  },
  { key: 'playing', title: 'Playing', width: 240 },
  { key: 'cuts', title: 'Cuts', width: 170 },
  { key: 'size', title: 'Size', customRender: ({ record: r }) => size(r.bytes) },
  ...(props.mayErase ? [{ key: 'erase', title: 'Erase' }] : []),
]
</script>

<template>
  <Table
    :columns="COLUMNS"
    :data-source="reels"
    :pagination="false"
    :scroll="{ x: 1000 }"
    row-key="id"
    size="middle"
  >
    <template #bodyCell="{ column, record }">
      <RouterLink
        v-if="column.key === 'name'"
        :to="`/film/${game}/room?reel=${record.id}`"
        ><FrameStill
          :reel="record.id"
          :frame="Math.floor(record.frames / 2)"
        />{{ record.name }}</RouterLink
      >
      <CutFiles
        v-else-if="column.key === 'cuts'"
        :reel="record as ReelItem"
        @cut="$emit('cut')"
      />
      <MadeOver
        v-else-if="column.key === 'playing'"
        :reel="record as ReelItem"
        @make="$emit('make', record as ReelItem)"
        @cancel="$emit('cancel', $event)"
      />
      <button
        v-else-if="column.key === 'erase'"
        class="link"
        type="button"
        :aria-label="`Erase ${record.name}`"
        @click="$emit('erase', record as ReelItem)"
      >
        Erase
      </button>
    </template>
    <template #emptyText>
      <p class="soft">No film yet. Take one in below: an MP4 or WebM.</p>
    </template>
  </Table>
</template>

<style scoped>
a {
  color: var(--ink);
  font-weight: 700;
}
</style>
