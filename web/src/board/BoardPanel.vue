<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, nextTick, useTemplateRef } from 'vue'
import { useBoard } from './boardStore'
import ChangesPanel from './ChangesPanel.vue'
import { flat, next } from './findings'
import FindingsPanel from './FindingsPanel.vue'
import PanelTabs from './PanelTabs.vue'
import PlaysPanel from './PlaysPanel.vue'
import { usePlays } from './playsStore'
import RulesPanel from './RulesPanel.vue'

/** What has no place on the field: what breaks, the plays against it, what the motion changed, the rules of the man picked. */
const props = defineProps<{ mayWrite: boolean }>()
const board = useBoard()
const plays = usePlays()
const { board: answer, sheet, selected, panel } = storeToRefs(board)
const { groups, pointed } = storeToRefs(plays)
const listed = computed(() => flat(groups.value))
const rules = useTemplateRef('rules')
const findings = useTemplateRef('findings')
const playsPanel = useTemplateRef('playsPanel')

/** Up and down walk what the panel lists: findings, or plays. */
async function walk(by: number): Promise<void> {
  if (panel.value === 'plays') return void playsPanel.value?.walk(by)
  panel.value = 'findings'
  await board.settled()
  await plays.settled()
  const now = listed.value.findIndex((l) => l.key === pointed.value)
  const one = listed.value[next(listed.value, now, by)]
  if (!one) return
  pointed.value = one.key
  selected.value = one.finding.who[0]
  await nextTick()
  await findings.value?.open(one.key)
}
/** The plays; again the next kind of them. */
function showPlays(): void {
  if (panel.value === 'plays') playsPanel.value?.turn()
  panel.value = 'plays'
}
async function addRung(document?: string): Promise<void> {
  panel.value = 'rules'
  await nextTick()
  rules.value?.add(document)
}
async function toRules(): Promise<void> {
  panel.value = 'rules'
  await nextTick()
  rules.value?.toFirst()
}
async function tryRepairs(): Promise<void> {
  panel.value = 'findings'
  await board.settled()
  await plays.settled()
  await nextTick()
  findings.value?.tryRepairs()
}
defineExpose({
  walk,
  showPlays,
  addRung,
  toRules,
  tryRepairs,
  mutePointed: () => findings.value?.mutePointed(),
  mayMute: () => props.mayWrite && panel.value === 'findings' && !!pointed.value,
  waiting: () => rules.value?.waiting ?? false,
})
</script>

<template>
  <aside
    v-if="sheet"
    aria-label="What breaks and why"
    tabindex="0"
  >
    <PanelTabs
      v-model="panel"
      :moved="(answer?.phases.length ?? 1) > 1"
    />
    <FindingsPanel
      v-if="panel === 'findings'"
      ref="findings"
      :key="plays.whole.of"
      :may-write="mayWrite"
      :sheet="plays.whole.lineup ?? sheet"
      :groups="plays.whole.groups"
      :rules="plays.whole.rules"
      :asking="plays.asking"
      :selected="selected"
      :pointed="pointed"
      @pick="selected = $event"
      @point="pointed = $event"
      @mute="plays.mute"
      @unmute="plays.unmute"
    />
    <PlaysPanel
      v-else-if="panel === 'plays'"
      ref="playsPanel"
      :lineup="sheet"
      :selected="selected"
      @pick="selected = $event"
    />
    <ChangesPanel
      v-else-if="panel === 'changes' && answer"
      :changes="answer.changes"
      :answer="answer.phases.at(-1)?.answer"
      :selected="selected"
      @pick="selected = $event"
    />
    <RulesPanel
      v-else
      ref="rules"
      :may-write="mayWrite"
    />
  </aside>
</template>

<style scoped>
aside {
  padding: 8px 14px 14px;
  scrollbar-width: thin;
}
</style>
