<script setup lang="ts">
import { Table, type TableColumnsType } from 'ant-design-vue'
import type { GameItem } from '../api/types'
import { dayOf } from '../words/day'

/** The games that are kept, the newest first. */
const props = defineProps<{ games: GameItem[]; mayErase: boolean }>()
defineEmits<{ erase: [game: GameItem] }>()
const COLUMNS: TableColumnsType<GameItem> = [
  { key: 'opponent', title: 'Against', width: 260 },
  { key: 'squad', title: 'Squad', dataIndex: 'squad' },
  { key: 'season', title: 'Season', dataIndex: 'season' },
  { key: 'played', title: 'Played', customRender: ({ record: g }) => (g.playedOn ? dayOf(g.playedOn) : 'not said') },
  { key: 'code', title: 'Rules', dataIndex: 'code' },
  { key: 'plays', title: 'Plays', dataIndex: 'plays' },
  ...(props.mayErase ? [{ key: 'erase', title: 'Erase' }] : []),
]
</script>

<template>
  <Table
    :columns="COLUMNS"
    :data-source="games"
    :pagination="false"
    :scroll="{ x: 720 }"
    row-key="id"
    size="middle"
  >
    <template #bodyCell="{ column, record }">
      <RouterLink
        v-if="column.key === 'opponent'"
        :to="`/film/${record.id}`"
        >{{ record.opponent }}</RouterLink
      >
      <button
        v-else-if="column.key === 'erase'"
        class="link"
        type="button"
        :aria-label="`Erase ${record.opponent}`"
        @click="$emit('erase', record as GameItem)"
      >
        Erase
      </button>
    </template>
    <template #emptyText>
      <p class="soft">No game yet. Begin one below, then take its film in.</p>
    </template>
  </Table>
</template>

<style scoped>
a {
  color: var(--ink);
  font-weight: 700;
}
</style>
