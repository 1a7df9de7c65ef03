<script setup lang="ts">
import { nextTick, ref, useTemplateRef } from 'vue'
import type { Listed } from './findings'
import TriedRepairs from './TriedRepairs.vue'

/** One finding on one line: its number on the field, what it is and whose; opened, why, and what can be done. */
const props = defineProps<{
  listed: Listed
  opened: boolean
  pointed: boolean
  /** Whether it concerns the man picked. */
  his: boolean
  repairing: boolean
  mayWrite?: boolean
}>()
const emit = defineEmits<{
  choose: []
  point: []
  repair: []
  applied: []
  mute: [reason: string]
  unmute: [id: number]
}>()
const muting = ref(false)
const reason = ref('')
const input = useTemplateRef<HTMLInputElement>('input')
const row = useTemplateRef<HTMLButtonElement>('row')
async function startMute(): Promise<void> {
  if (props.listed.muted) return
  muting.value = true
  reason.value = ''
  await nextTick()
  input.value?.focus()
}
/** The hand stands where it stood: on the finding. */
function leave(): void {
  muting.value = false
  row.value?.focus()
}
function keep(): void {
  if (!reason.value.trim()) return
  emit('mute', reason.value.trim())
  leave()
}
defineExpose({ startMute })
</script>

<template>
  <li
    :class="[listed.muted ? 'muted' : listed.finding.severity.replace(' ', '-'), { pointed, his, opened }]"
    @mouseenter="$emit('point')"
  >
    <button
      ref="row"
      type="button"
      class="row"
      :data-finding="listed.key"
      :aria-expanded="opened"
      @click="$emit('choose')"
      @focus="$emit('point')"
    >
      <span class="n">{{ listed.n }}</span>
      <b>{{ listed.finding.title }}</b>
    </button>
    <div
      v-if="opened"
      class="why"
    >
      <p>{{ listed.muted ? `Muted by ${listed.muted.mutedBy}: ${listed.muted.reason}` : listed.finding.reason }}</p>
      <span class="acts">
        <button
          v-if="!listed.muted && listed.finding.mendable"
          type="button"
          class="try"
          :aria-expanded="repairing"
          @click="$emit('repair')"
        >
          {{ repairing ? 'Close repairs' : 'Try repairs' }}
        </button>
        <button
          v-if="mayWrite && !listed.muted && !muting"
          type="button"
          class="try quiet"
          @click="startMute"
        >
          Mute
        </button>
        <button
          v-if="mayWrite && listed.muted"
          type="button"
          class="try quiet"
          @click="$emit('unmute', listed.muted.id)"
        >
          Say it again
        </button>
      </span>
      <form
        v-if="muting"
        class="mute"
        @submit.prevent="keep"
        @keydown.esc.stop="leave"
      >
        <label
          >Why do you live with it?
          <input
            ref="input"
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
        v-if="repairing"
        :finding="listed.finding"
        :may-write="mayWrite ?? false"
        @applied="$emit('applied')"
      />
    </div>
  </li>
</template>

<style scoped>
li {
  border-left: 4px solid transparent;
  margin-left: -8px;
  padding-left: 4px;
}
li + li {
  border-top: 1px solid var(--rule);
}
.his {
  border-left-color: var(--accent);
}
.pointed {
  background: var(--pick);
}
.row {
  all: unset;
  box-sizing: border-box;
  width: 100%;
  display: flex;
  gap: 9px;
  padding: 4px 0;
  cursor: pointer;
}
.row:focus-visible {
  outline: 3px solid var(--ink);
}
.n {
  flex: none;
  width: 22px;
  height: 22px;
  font: 700 14px/18px var(--narrow);
  text-align: center;
  border: 2px solid var(--ink);
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
b {
  font: 600 15px/1.3 var(--narrow);
  padding-top: 1px;
}
b::first-letter {
  text-transform: uppercase;
}
.muted b {
  color: var(--soft);
}
.why {
  padding: 0 0 6px 31px;
}
.why p {
  font-size: 13.5px;
  line-height: 1.38;
  color: var(--soft);
}
.pointed .why p {
  color: var(--ink);
}
.acts {
  display: flex;
  gap: 14px;
  margin-top: 3px;
}
.try {
  all: unset;
  cursor: pointer;
  font: 600 14px/1.4 var(--narrow);
  border-bottom: 2px solid var(--ink);
}
.try:focus-visible {
  outline: 3px solid var(--ink);
  outline-offset: 2px;
}
.quiet {
  border-color: var(--soft);
  color: var(--soft);
}
.mute {
  display: flex;
  gap: 8px;
  align-items: end;
  margin: 6px 0 4px;
  font: 400 14px/1.3 var(--narrow);
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
  padding: 5px 10px;
}
/* Paper cannot be opened. */
@media print {
  .acts {
    display: none;
  }
}
</style>
