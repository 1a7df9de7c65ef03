<script setup lang="ts">
import { Table, type TableColumnsType } from 'ant-design-vue'
import { computed } from 'vue'
import { COLUMNS, type LogNow } from './logColumns'
import type { RowToTake } from './logReading'

/** What the plays will be, as their log says it. */
const props = defineProps<{ rows: readonly RowToTake[]; now: LogNow }>()
const written = COLUMNS.filter((c) => c.write)
const columns = computed<TableColumnsType>(() => [
  { key: 'play', dataIndex: 'play', title: 'Play', width: 110, fixed: 'left' },
  ...written
    .filter((c) => props.rows.some((r) => c.write!(r.log, props.now)))
    .map((c) => ({
      key: c.id,
      dataIndex: c.id,
      title: c.name.charAt(0).toUpperCase() + c.name.slice(1),
      width: wide([c.name, ...props.rows.map((r) => c.write!(r.log, props.now))]),
    })),
])
/** No word is broken, pixels. */
function wide(words: readonly string[]): number {
  const LETTER = 8
  const ASIDE = 24
  return ASIDE + LETTER * Math.max(...words.map((w) => w.length))
}
const data = computed(() =>
  props.rows.map((r) => ({
    id: r.row,
    play: `${r.number}, ${r.play ? 'changed' : 'new'}`,
    ...Object.fromEntries(written.map((c) => [c.id, c.write!(r.log, props.now)])),
  })),
)
const HEIGHT = 320
</script>

<template>
  <Table
    :columns="columns"
    :data-source="data"
    :pagination="false"
    :scroll="{ x: 'max-content', y: HEIGHT }"
    row-key="id"
    size="small"
    aria-label="What the plays will be"
  />
</template>
