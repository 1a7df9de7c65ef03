<script setup lang="ts">
import { Table, type TableColumnsType } from 'ant-design-vue'
import { computed } from 'vue'
import type { GameFilm, PlayRow } from '../api/types'
import { DOWNS } from '../board/lineWords'
import { useLists } from '../shell/lists'
import { vHint } from '../shell/hint/hint'
import ContactStrip from './ContactStrip.vue'
import FrameStill from './FrameStill.vue'

/** The log of a game: what each play was, from how many sides it was filmed, and how far it is measured. */
const props = defineProps<{ game: number; plays: PlayRow[]; film: GameFilm }>()
defineEmits<{ renumber: [play: PlayRow, number: number]; takeOut: [play: PlayRow] }>()
const lists = useLists()
// without them ids stand for names, and what is wrong is said over the page
void lists.load().catch(() => undefined)
const COLUMNS: TableColumnsType = [
  { key: 'number', title: 'Play', width: 180 },
  { key: 'down', title: 'Down' },
  { key: 'spot', title: 'Ball on' },
  { key: 'formation', title: 'Formation' },
  { key: 'call', title: 'They were told' },
  { key: 'sides', title: 'Filmed from' },
  { key: 'men', title: 'Men marked' },
  { key: 'acts', title: 'Order' },
]
const named = (all: readonly { id: string; name: string }[], id: string): string =>
  all.find((one) => one.id === id)?.name ?? id
const rows = computed(() =>
  props.plays.map((play) => {
    const { snap, call } = play.log
    const sides = props.film.angles.filter((a) => a.play === play.id)
    return {
      play,
      id: play.id,
      down: `${named(DOWNS, String(snap.down))} and ${snap.distance}`,
      spot: named(lists.spots, String(snap.toGoal)),
      formation: `${named(lists.formations, snap.formation)}${snap.mirrored ? ', left' : ''}`,
      call: named(lists.calls, call),
      sides: sides.map((a) => props.film.reels.find((r) => r.id === a.reel)?.name ?? '').join('; ') || 'not filmed',
      first: sides[0],
      strips: sides.map((a) => ({ angle: a.id, side: props.film.reels.find((r) => r.id === a.reel)?.name ?? '' })),
      men: Math.max(0, ...sides.map((a) => a.marks)),
    }
  }),
)
</script>

<template>
  <Table
    :columns="COLUMNS"
    :data-source="rows"
    :pagination="false"
    :scroll="{ x: 860 }"
    :row-expandable="(row: (typeof rows)[number]) => row.strips.length > 0"
    row-key="id"
    size="small"
  >
    <template #expandedRowRender="{ record }">
      <ContactStrip
        v-for="s in record.strips"
        :key="s.angle"
        :game="game"
        :play="record.id"
        :angle="s.angle"
        :number="record.play.number"
        :side="s.side"
      />
    </template>
    <template #expandIcon="icon">
      <button
        v-if="icon?.expandable"
        class="link"
        type="button"
        :aria-expanded="icon.expanded"
        :aria-label="`Play ${icon.record.play.number} in pictures`"
        @click="icon.onExpand(icon.record, $event)"
      >
        {{ icon.expanded ? '▾' : '▸' }}
      </button>
    </template>
    <template #bodyCell="{ column, record, index }">
      <RouterLink
        v-if="column.key === 'number'"
        :to="`/film/${game}/room?play=${record.play.number}`"
        ><FrameStill
          v-if="record.first"
          :reel="record.first.reel"
          :frame="record.first.snapFrame"
        />Play {{ record.play.number }}</RouterLink
      >
      <span
        v-else-if="column.key === 'acts'"
        class="acts"
      >
        <button
          v-hint="'One earlier'"
          class="link"
          type="button"
          :aria-label="`Play ${record.play.number} one earlier`"
          :disabled="index === 0"
          @click="$emit('renumber', record.play, record.play.number - 1)"
        >
          ↑</button
        ><button
          v-hint="'One later'"
          class="link"
          type="button"
          :aria-label="`Play ${record.play.number} one later`"
          :disabled="index === rows.length - 1"
          @click="$emit('renumber', record.play, record.play.number + 1)"
        >
          ↓</button
        ><button
          class="link"
          type="button"
          :aria-label="`Take play ${record.play.number} out`"
          @click="$emit('takeOut', record.play)"
        >
          take out
        </button>
      </span>
      <template v-else>{{ record[String(column.key)] }}</template>
    </template>
    <template #emptyText>
      <p class="soft">No play yet. Open a reel and cut it: step to where the ball moves and press N.</p>
    </template>
  </Table>
</template>

<style scoped>
a {
  color: var(--ink);
  font-weight: 700;
}
.acts {
  display: flex;
  gap: 10px;
}
</style>
