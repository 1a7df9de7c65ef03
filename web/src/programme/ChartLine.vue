<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ChartRole, RosterAnswer, RosterSheet } from '../api/types'
import WordMenu from '../words/WordMenu.vue'
import { fittedMen, lineOf, listed, men, pairChoice, pairChoices, saidMen, setPair } from './roster'

/** Who plays a role, who does against other personnel, and whether he flips with strength. */
const props = defineProps<{ role: ChartRole; pairs: RosterAnswer['pairs']; roles: readonly ChartRole[] }>()
const sheet = defineModel<RosterSheet>({ required: true })

const sides = computed(() => pairChoices(props.pairs, props.role.id, props.roles))
const sideChoices = computed(() => [
  { id: '', name: 'may flip with strength' },
  ...sides.value.map((c) => ({ id: c.value, name: c.words })),
])
const special = computed(
  () => sheet.value.chart.find((l) => l.role === props.role.id && l.personnel.length)?.personnel.join(' ') ?? '',
)
const said = (forPersonnel: boolean): string => saidMen(sheet.value, listed(sheet.value, props.role.id, forPersonnel))
/** What was typed and cannot be read, until it can. */
const unread = ref({ base: '', special: '' })
function setLine(forPersonnel: boolean, words: string): void {
  const read = men(sheet.value, words)
  unread.value = { ...unread.value, [forPersonnel ? 'special' : 'base']: read.trouble }
  if (!read.trouble) lineOf(sheet.value, props.role.id, forPersonnel).players = read.players
}
function setPersonnel(words: string): void {
  lineOf(sheet.value, props.role.id, true).personnel = words.split(/[\s,]+/).filter(Boolean)
}
</script>

<template>
  <div class="role">
    <span class="who"
      ><b>{{ role.label }}</b> {{ role.name }}<small>{{ role.fronts.join(', ') }}</small></span
    >
    <span class="line">
      <input
        :value="said(false)"
        :aria-label="`Who plays ${role.id}`"
        :aria-invalid="!!unread.base"
        placeholder="numbers or names, first choice first"
        @change="setLine(false, ($event.target as HTMLInputElement).value)"
      />
      <small
        v-if="unread.base"
        class="bad"
        role="alert"
        >{{ unread.base }}</small
      >
      <small v-else>{{ fittedMen(sheet, listed(sheet, role.id, false)) }}</small>
    </span>
    <span class="more">
      <WordMenu
        v-if="sides.length"
        :value="pairChoice(sheet, role.id)"
        :label="`Sides of ${role.id}`"
        :options="sideChoices"
        @pick="setPair(sheet, role.id, $event)"
      />
      <label
        >against
        <input
          :value="special"
          placeholder="22 23"
          :aria-label="`Other men for ${role.id} against personnel`"
          class="mid"
          @change="setPersonnel(($event.target as HTMLInputElement).value)"
      /></label>
      <input
        v-if="special"
        :value="said(true)"
        :aria-label="`Who plays ${role.id} against ${special}`"
        placeholder="who then"
        @change="setLine(true, ($event.target as HTMLInputElement).value)"
      />
      <small
        v-if="unread.special"
        class="bad"
        role="alert"
        >{{ unread.special }}</small
      >
    </span>
  </div>
</template>

<style scoped src="../styles/sheet-fields.css"></style>
<style scoped>
.mid {
  width: 64px;
}
.role {
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr) 210px;
  gap: 10px;
  align-items: start;
  padding: 5px 0;
  border-top: 1px solid var(--faint);
}
.who {
  font: 400 13.5px/1.25 var(--narrow);
}
.who b {
  font-weight: 700;
  font-size: 15px;
}
small {
  display: block;
  color: var(--soft);
  font-size: 12px;
}
.more {
  display: grid;
  gap: 3px;
  font: 400 12.5px/1.3 var(--narrow);
  color: var(--soft);
}
.line input {
  font-weight: 600;
}
.bad {
  color: var(--bust);
  font-weight: 600;
}
</style>
