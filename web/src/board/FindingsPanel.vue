<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { FindingRow, RuleAnswer, Sheet } from '../api/types'
import FindingLine from './FindingLine.vue'
import { countWords, flat, headOf, type Group, type Listed } from './findings'
import OwnerLedgers from './OwnerLedgers.vue'
import RuleSigns from './RuleSigns.vue'

const props = defineProps<{
  sheet: Sheet
  groups: readonly Group[]
  rules?: readonly RuleAnswer[]
  asking?: boolean
  selected?: string
  pointed?: string
  mayWrite?: boolean
}>()
const emit = defineEmits<{
  pick: [job: string]
  point: [key: string]
  mute: [finding: FindingRow, reason: string]
  unmute: [id: number]
}>()

const listed = computed(() => flat(props.groups))
const breaks = computed(() => props.groups.filter((g) => g.severity !== 'muted' && g.severity !== 'fact'))
const apart = computed(() => props.groups.filter((g) => g.severity === 'muted' || g.severity === 'fact'))
const counts = computed(() => countWords(breaks.value))
/** The finding that is open; of a new line-up the worst, when it would make a coach change something. */
const opened = ref<string>()
/** The finding whose repairs are open; another line-up closes them. */
const repairing = ref<string>()
/** Groups apart that are unfolded. */
const unfolded = ref<string[]>([])
const worst = computed(() => listed.value.find((l) => ['bust', 'weak'].includes(l.finding.severity) && !l.muted)?.key)
watch(
  () => props.sheet,
  () => (repairing.value = undefined),
)
watch(worst, (key) => (opened.value = key), { immediate: true })

function unfold(key: string): void {
  const group = apart.value.find((g) => g.listed.some((l) => l.key === key))
  if (group && !unfolded.value.includes(group.severity)) unfolded.value = [...unfolded.value, group.severity]
}
/** Opens a finding that was walked to; it is on the screen afterwards. */
async function open(key: string): Promise<void> {
  unfold(key)
  opened.value = key
  await nextTick()
  document.querySelector(`[data-finding="${CSS.escape(key)}"]`)?.scrollIntoView({ block: 'nearest' })
}
/** Repairs of the finding pointed at, else of the picked man's worst, else of the worst of all; again closes them. */
function tryRepairs(): void {
  const may = listed.value.filter((l) => l.finding.mendable && !l.muted)
  const wanted =
    may.find((l) => l.key === props.pointed) ??
    may.find((l) => !props.selected || l.finding.who.includes(props.selected)) ??
    may[0]
  repair(wanted)
}
function repair(wanted: Listed | undefined): void {
  repairing.value = !wanted || repairing.value === wanted.key ? undefined : wanted.key
  if (wanted) void open(wanted.key)
}
interface Mutable {
  startMute(): Promise<void>
}
const lines = new Map<string, Mutable>()
const keepLine = (key: string) => (line: unknown) => {
  if (line) lines.set(key, line as Mutable)
  else lines.delete(key)
}
async function mutePointed(): Promise<void> {
  const key = props.pointed
  if (!key) return
  await open(key)
  await lines.get(key)?.startMute()
}
function choose(one: Listed): void {
  opened.value = opened.value === one.key ? undefined : one.key
  emit('point', one.key)
  if (one.finding.who[0]) emit('pick', one.finding.who[0])
}
/** A finding that is muted or said again leaves its place in the list; the hand goes on from what stands there then. */
let leaving: number | undefined
function leave(l: Listed): void {
  leaving = l.n - 1
}
watch(listed, async (now) => {
  const one = leaving === undefined ? undefined : now[Math.min(leaving, now.length - 1)]
  leaving = undefined
  if (!one) return
  unfold(one.key)
  await nextTick()
  document.querySelector<HTMLElement>(`[data-finding="${CSS.escape(one.key)}"]`)?.focus()
})
function mute(l: Listed, reason: string): void {
  leave(l)
  emit('mute', l.finding, reason)
}
function unmute(l: Listed, id: number): void {
  leave(l)
  emit('unmute', id)
}
const his = (l: Listed): boolean => !!props.selected && l.finding.who.includes(props.selected)
defineExpose({ tryRepairs, open, mutePointed: () => void mutePointed() })
</script>

<template>
  <div :aria-busy="asking">
    <h2>
      <span>What breaks</span><span class="soft">{{ asking ? 'running plays at it' : counts || 'nothing found' }}</span>
    </h2>
    <RuleSigns
      v-if="rules?.length"
      :rules="rules"
    />
    <p
      v-if="!breaks.length && (rules?.length || !asking)"
      class="none"
    >
      Nothing found against this line-up.
    </p>
    <component
      :is="apart.includes(g) ? 'details' : 'section'"
      v-for="g in groups"
      :key="g.severity"
      :class="['group', g.severity.replace(' ', '-')]"
      :aria-label="headOf(g)"
      :open="apart.includes(g) ? unfolded.includes(g.severity) : undefined"
    >
      <component
        :is="apart.includes(g) ? 'summary' : 'h3'"
        class="head"
        >{{ headOf(g) }} <span class="soft">{{ g.listed.length }}</span></component
      >
      <ol>
        <FindingLine
          v-for="l in g.listed"
          :key="l.key"
          :ref="keepLine(l.key)"
          :listed="l"
          :opened="opened === l.key"
          :pointed="pointed === l.key"
          :his="his(l)"
          :repairing="repairing === l.key"
          :may-write="mayWrite"
          @choose="choose(l)"
          @point="emit('point', l.key)"
          @repair="repair(l)"
          @applied="repairing = undefined"
          @mute="mute(l, $event)"
          @unmute="unmute(l, $event)"
        />
      </ol>
    </component>
    <OwnerLedgers :sheet="sheet" />
  </div>
</template>

<style scoped>
/* What was found last, until the new answer is there. */
[aria-busy='true'] > :not(h2) {
  opacity: 0.4;
  pointer-events: none;
}
h2 {
  font: 700 17px/1.2 var(--narrow);
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding: 0 0 8px;
}
h2 .soft {
  font-weight: 400;
}
.head {
  font: 700 14px/1.2 var(--narrow);
  padding: 7px 0 4px;
  border-top: 1.5px solid var(--ink);
}
summary {
  cursor: pointer;
}
.bust > .head {
  color: var(--bust);
}
.head .soft {
  font-weight: 400;
}
.none {
  color: var(--sound);
  font-weight: 600;
  padding: 6px 0 12px;
}
</style>
