<script setup lang="ts">
import type { Sheet } from '../api/types'
import { labelled } from './findings'

/** Who has each gap, each edge and each eligible man. */
const props = defineProps<{ sheet: Sheet }>()
const label = labelled(() => props.sheet.jobs)
</script>

<template>
  <div>
    <h2 v-if="sheet.gaps.length">
      <span>Gap ledger</span><span class="soft">{{ sheet.gapCount }}</span>
    </h2>
    <p
      v-if="sheet.gaps.length"
      class="ledger"
    >
      <span
        v-for="(g, i) in sheet.gaps"
        :key="i"
        ><template v-if="i && g.letter === 'A' && g.side === 'right'"> | </template
        ><span class="gap"
          ><b>{{ g.letter }}</b
          >&nbsp;{{ g.said }}{{ g.owned === 'two-gapped' ? ' two-gap' : '' }}</span
        ></span
      >
    </p>
    <p
      v-if="sheet.edges.length"
      class="ledger"
    >
      Force:
      <span
        v-for="e in sheet.edges"
        :key="e.side"
        >{{ e.side }} {{ e.forces.map(label).join('+') || 'nobody' }}.&nbsp;</span
      >
    </p>
    <p class="ledger">{{ sheet.box }}.</p>
    <p
      v-for="(e, i) in sheet.eligibles"
      :key="i"
      class="ledger eligible"
    >
      <b>{{ e.man }}</b> {{ e.number }}:
      {{
        e.byMan.length
          ? 'man ' + e.byMan.map(label).join('+')
          : e.byZone.length
            ? 'zones of ' + e.byZone.map(label).join(', ')
            : 'nobody'
      }}
    </p>
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
h2 .soft {
  font-weight: 400;
}
.ledger {
  font: 400 13.5px/1.45 var(--narrow);
}
.gap {
  margin-right: 9px;
  display: inline-block;
}
.ledger b {
  font-weight: 700;
  font-size: inherit;
}
.eligible {
  color: var(--soft);
  font-size: 13px;
  line-height: 1.35;
}
.eligible b {
  color: var(--ink);
}
</style>
