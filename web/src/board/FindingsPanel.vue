<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { FindingRow, RuleAnswer, Sheet } from '../api/types'
import { countWords, flat, headOf, type Group, type Listed } from './findings'
import OwnerLedgers from './OwnerLedgers.vue'
import RuleSigns from './RuleSigns.vue'
import TriedRepairs from './TriedRepairs.vue'

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
const found = computed(() => props.groups.filter((g) => g.severity !== 'muted' && g.severity !== 'fact'))
const counts = computed(() => countWords(found.value))
/** The finding whose repairs are open, and the one being muted; another line-up closes both. */
const open = ref<string>()
const muting = ref<string>()
const reason = ref('')
watch(
  () => props.sheet,
  () => {
    open.value = undefined
    muting.value = undefined
  },
)
/** Repairs of the finding pointed at, else of the picked man's worst, else of the worst of all; again closes them. */
function tryRepairs(): void {
  const may = listed.value.filter((l) => l.finding.mendable && !l.muted)
  const wanted =
    may.find((l) => l.key === props.pointed) ??
    may.find((l) => !props.selected || l.finding.who.includes(props.selected)) ??
    may[0]
  open.value = !wanted || open.value === wanted.key ? undefined : wanted.key
}
async function startMute(key: string | undefined): Promise<void> {
  const one = listed.value.find((l) => l.key === key)
  if (!one || one.muted) return
  muting.value = one.key
  reason.value = ''
  await nextTick()
  document.querySelector<HTMLInputElement>('.mute input')?.focus()
}
function choose(one: Listed): void {
  emit('point', one.key)
  if (one.finding.who[0]) emit('pick', one.finding.who[0])
}
function keep(finding: FindingRow): void {
  if (!reason.value.trim()) return
  emit('mute', finding, reason.value.trim())
  muting.value = undefined
}
defineExpose({ tryRepairs, mutePointed: () => void startMute(props.pointed) })
</script>

<template>
  <div>
    <h2>
      <span>What breaks</span><span class="soft">{{ asking ? 'running plays at it' : counts || 'nothing found' }}</span>
    </h2>
    <RuleSigns
      v-if="rules"
      :rules="rules"
    />
    <p
      v-if="!found.length"
      class="none"
    >
      Nothing found against this line-up.
    </p>
    <section
      v-for="g in groups"
      :key="g.severity"
      :aria-label="headOf(g)"
    >
      <h3 :class="g.severity.replace(' ', '-')">
        {{ headOf(g) }} <span class="soft">{{ g.listed.length }}</span>
      </h3>
      <ol>
        <li
          v-for="l in g.listed"
          :key="l.key"
          :class="[
            g.severity.replace(' ', '-'),
            {
              dim: selected && l.finding.who.length && !l.finding.who.includes(selected) && pointed !== l.key,
              pointed: pointed === l.key,
            },
          ]"
          @mouseenter="$emit('point', l.key)"
        >
          <button
            type="button"
            :data-finding="l.key"
            @click="choose(l)"
            @focus="$emit('point', l.key)"
          >
            <span class="n">{{ l.n }}</span>
            <b>{{ l.finding.title }}</b>
            <small>{{ l.muted ? `Muted by ${l.muted.mutedBy}: ${l.muted.reason}` : l.finding.reason }}</small>
          </button>
          <span class="acts">
            <button
              v-if="!l.muted && l.finding.mendable"
              type="button"
              class="try"
              :aria-expanded="open === l.key"
              @click="open = open === l.key ? undefined : l.key"
            >
              {{ open === l.key ? 'Close repairs' : 'Try repairs' }}
            </button>
            <button
              v-if="mayWrite && !l.muted && muting !== l.key"
              type="button"
              class="try quiet"
              @click="startMute(l.key)"
            >
              Mute
            </button>
            <button
              v-if="mayWrite && l.muted"
              type="button"
              class="try quiet"
              @click="$emit('unmute', l.muted.id)"
            >
              Say it again
            </button>
          </span>
          <form
            v-if="muting === l.key"
            class="mute"
            @submit.prevent="keep(l.finding)"
            @keydown.esc.stop="muting = undefined"
          >
            <label
              >Why do you live with it?
              <input
                v-model="reason"
                maxlength="400"
                aria-label="Reason for muting"
            /></label>
            <button
              type="submit"
              class="button"
              :disabled="!reason.trim()"
            >
              Mute
            </button>
          </form>
          <TriedRepairs
            v-if="open === l.key"
            :finding="l.finding"
            :may-write="mayWrite ?? false"
            @applied="open = undefined"
          />
        </li>
      </ol>
    </section>
    <OwnerLedgers :sheet="sheet" />
  </div>
</template>

<style scoped>
h2 {
  font: 700 15px/1.2 var(--narrow);
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding: 12px 0 8px;
  border-top: 1.5px solid var(--rule);
}
h2:first-child {
  border-top: 0;
  padding-top: 0;
}
h2 .soft {
  font-weight: 400;
}
h3 {
  font: 700 13px/1.2 var(--narrow);
  padding: 7px 0 3px;
  border-top: 1.5px solid var(--ink);
}
h3.bust {
  color: var(--bust);
}
h3 .soft {
  font-weight: 400;
}
li > button:first-child {
  all: unset;
  box-sizing: border-box;
  width: 100%;
  display: block;
  position: relative;
  padding: 5px 0 4px 30px;
  cursor: pointer;
}
li > button:focus-visible {
  outline: 3px solid var(--accent);
}
li + li {
  border-top: 1px solid var(--rule);
}
.pointed {
  background: var(--pick);
}
.n {
  position: absolute;
  left: 0;
  top: 6px;
  width: 21px;
  height: 21px;
  font: 700 13px/18px var(--narrow);
  text-align: center;
  border: 2px solid var(--ink);
}
.acts {
  display: flex;
  gap: 14px;
  margin: 0 0 6px 30px;
  min-height: 2px;
}
.try {
  all: unset;
  cursor: pointer;
  font: 600 13px/1.4 var(--narrow);
  border-bottom: 2px solid var(--accent);
}
.try:focus-visible {
  outline: 3px solid var(--accent);
}
.quiet {
  border-color: var(--rule);
  color: var(--soft);
}
.note .acts,
.fact .acts,
.muted .acts {
  display: none;
}
.pointed .acts {
  display: flex;
}
.bust .n {
  background: var(--bust);
  border-color: var(--bust);
  color: var(--on-dark);
}
.note .n,
.fact .n,
.muted .n {
  border: 1.5px dashed var(--soft);
  color: var(--soft);
}
.cannot-tell .n {
  border-style: dotted;
}
.muted b {
  color: var(--soft);
}
b {
  font-weight: 600;
  font-size: 13.5px;
}
li > button b {
  display: block;
}
li > button b::first-letter {
  text-transform: uppercase;
}
small {
  display: block;
  font-size: 12.5px;
  line-height: 1.35;
  color: var(--soft);
}
.mute {
  display: flex;
  gap: 8px;
  align-items: end;
  margin: 0 0 8px 30px;
  font: 400 13px/1.3 var(--narrow);
}
.mute input {
  width: 100%;
  font: 500 14px var(--serif);
  border: 0;
  border-bottom: 2px solid var(--ink);
  background: transparent;
  color: var(--ink);
}
.mute .button {
  padding: 3px 10px;
}
.dim {
  opacity: 0.5;
}
.none {
  color: var(--sound);
  font-weight: 600;
  padding: 6px 0 12px;
}
</style>
