<script setup lang="ts">
import { computed } from 'vue'
import type { Sheet } from '../api/types'

const props = defineProps<{ sheet: Sheet; selected?: string }>()
defineEmits<{ pick: [job: string] }>()

const counts = computed(() => {
  const by = new Map<string, number>()
  for (const f of props.sheet.findings) by.set(f.severity, (by.get(f.severity) ?? 0) + 1)
  return ['bust', 'weak', 'cannot tell', 'note'].filter((s) => by.has(s)).map((s) => `${by.get(s)} ${s}${s !== 'cannot tell' && s !== 'weak' && by.get(s)! > 1 ? 's' : ''}`).join(' · ')
})
const owned = computed(() => props.sheet.gaps.filter((g) => g.state === 'owned').length)
const label = (id: string): string => props.sheet.jobs.find((j) => j.id === id)?.label ?? id
</script>

<template>
  <div>
    <h2><span>What breaks</span><span class="soft">{{ counts || 'nothing found' }}</span></h2>
    <ol>
      <li v-for="(f, i) in sheet.findings" :key="i" :class="[f.severity.replace(' ', '-'), { dim: selected && f.who.length && !f.who.includes(selected) }]">
        <button type="button" :disabled="!f.who.length" @click="$emit('pick', f.who[0]!)">
          <span class="n">{{ i + 1 }}</span>
          <b>{{ f.title }}</b>
          <small><span class="severity">{{ f.severity }}</span> {{ f.reason }}</small>
        </button>
      </li>
    </ol>
    <p v-if="!sheet.findings.length" class="none">Every gap has one owner, each edge one force man, every eligible somebody.</p>
    <h2 v-if="sheet.gaps.length"><span>Gap ledger</span><span class="soft">{{ owned }} of {{ sheet.gaps.length }} owned once</span></h2>
    <p v-if="sheet.gaps.length" class="ledger"><span v-for="(g, i) in sheet.gaps" :key="g.words"><template v-if="i && g.letter === 'A' && g.side === 'right'"> | </template><span class="gap"><b>{{ g.letter }}</b>&nbsp;{{ g.labels.join('+') || '?' }}</span></span></p>
    <p v-if="sheet.edges.length" class="ledger">Force: <span v-for="e in sheet.edges" :key="e.side">{{ e.side }} {{ e.forces.map(label).join('+') || 'nobody' }}.&nbsp;</span></p>
    <p class="ledger">{{ sheet.box }}.</p>
    <p v-for="e in sheet.eligibles" :key="e.man" class="ledger eligible"><b>{{ e.man }}</b> {{ e.number }}: {{ e.byMan.length ? 'man ' + e.byMan.map(label).join('+') : e.byZone.length ? 'zones of ' + e.byZone.map(label).join(', ') : 'nobody' }}</p>
  </div>
</template>

<style scoped>
h2 { font: 700 15px/1.2 var(--narrow); display: flex; justify-content: space-between; gap: 8px; padding: 12px 0 8px; border-top: 1.5px solid var(--rule); }
h2:first-child { border-top: 0; padding-top: 0; }
h2 .soft { font-weight: 400; }
li button { all: unset; box-sizing: border-box; width: 100%; display: block; position: relative; padding: 7px 0 8px 30px; border-top: 1px solid var(--rule); cursor: pointer; }
li button:disabled { cursor: default; }
li button:focus-visible { outline: 3px solid var(--accent); }
.n { position: absolute; left: 0; top: 8px; width: 21px; height: 21px; font: 700 13px/18px var(--narrow); text-align: center; border: 2px solid var(--ink); }
.bust .n { background: var(--bust); border-color: var(--bust); color: var(--on-dark); }
.note .n { border: 1.5px dashed var(--soft); color: var(--soft); }
.cannot-tell .n { border-style: dotted; }
b { font-weight: 600; font-size: 13.5px; } small { display: block; font-size: 12.5px; line-height: 1.35; color: var(--soft); }
.severity { font-weight: 600; color: var(--ink); } .bust .severity { color: var(--bust); }
.dim { opacity: 0.45; }
.ledger { font: 400 13.5px/1.45 var(--narrow); } .gap { margin-right: 9px; display: inline-block; } .ledger b { font-weight: 700; font-size: inherit; }
.eligible { color: var(--soft); font-size: 13px; line-height: 1.35; } .eligible b { color: var(--ink); }
.none { color: var(--sound); font-weight: 600; padding: 6px 0 12px; }
</style>
