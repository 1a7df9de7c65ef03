<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, onMounted, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import { useBoard } from '../board/boardStore'
import FieldDrawing from '../board/field/FieldDrawing.vue'
import { flat, grouped } from '../board/findings'
import FormationWords from '../board/FormationWords.vue'
import { spotName } from '../board/lineWords'
import { savePng, saveSvg } from '../board/picture'
import { usePlays } from '../board/playsStore'
import { useLists } from '../shell/lists'

const board = useBoard()
const lists = useLists()
const { mutes } = storeToRefs(usePlays())
const route = useRoute()
const { snap, callSheet, callId, board: answer, sheet, problem } = storeToRefs(board)
const SHOWN = ['align', 'key', 'run', 'pass', 'reads']
onMounted(async () => {
  if (!lists.choices) await board.start()
  const wanted = String(route.params.id)
  if (callId.value !== wanted) await board.chooseCall(wanted)
  // a card is opened on a formation its call is meant for
  const meant = (callSheet.value?.meantFor ?? []).map((f) => f.id)
  if (meant.length && !meant.includes(snap.value.formation)) snap.value.formation = meant[0]!
})
const formation = computed(() => lists.formation(snap.value.formation)?.name ?? '')
const drawing = useTemplateRef<HTMLElement>('drawing')
const print = (): void => window.print()
const picture = (): SVGSVGElement => drawing.value!.querySelector('svg')!
const file = computed(() => `${callId.value}-${snap.value.formation}`)
</script>

<template>
  <div class="page">
    <header class="view-head no-print">
      <h1 class="sentence words">
        <RouterLink to="/playbook">Playbook</RouterLink> <em>· install card of</em> {{ callSheet?.name }}
        <em>against</em>
        <FormationWords
          v-model:formation="snap.formation"
          v-model:mirrored="snap.mirrored"
        />
      </h1>
      <button
        type="button"
        class="button"
        @click="saveSvg(picture(), file)"
      >
        SVG
      </button>
      <button
        type="button"
        class="button"
        @click="savePng(picture(), file)"
      >
        PNG
      </button>
      <button
        type="button"
        class="button main"
        @click="print"
      >
        Print it
      </button>
    </header>
    <p
      v-if="problem"
      class="trouble"
      role="alert"
    >
      {{ problem.detail }}
    </p>
    <article
      v-if="answer && sheet && callSheet"
      class="card"
    >
      <div class="head">
        <h2>{{ callSheet.name }}</h2>
        <p>
          {{ callSheet.layers.map((l) => l.name).join(' · ') }}<br />against {{ formation }},
          {{ snap.mirrored ? 'left' : 'right' }}; ball on {{ spotName(snap.toGoal, lists.choices) }}
        </p>
      </div>
      <div
        ref="drawing"
        class="drawing"
      >
        <FieldDrawing
          :field="answer.field"
          :sheet="sheet"
          :listed="flat(grouped(sheet.findings, mutes))"
          from="offence"
          :layers="['gaps', 'areas', 'paths']"
        />
      </div>
      <table>
        <thead>
          <tr>
            <th>Man</th>
            <th
              v-for="p in SHOWN"
              :key="p"
            >
              {{ p }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="j in sheet.jobs"
            :key="j.id"
          >
            <th scope="row">
              {{ j.label }} <small>{{ j.name }}</small>
            </th>
            <td
              v-for="p in SHOWN"
              :key="p"
            >
              {{ j.parts.find((x) => x.part === p)?.shown }}
            </td>
          </tr>
        </tbody>
      </table>
      <div
        v-if="sheet.cones.length"
        class="cones"
      >
        <h3>Cone map</h3>
        <p>Yards from the left sideline as the offence stands, and off the line of scrimmage.</p>
        <ol>
          <li
            v-for="c in sheet.cones"
            :key="`${c.fromLeft} ${c.depth}`"
          >
            <b>{{ c.fromLeft.toFixed(1) }}</b> across, <b>{{ c.depth.toFixed(0) }}</b> deep
          </li>
        </ol>
      </div>
      <div class="foot">
        <div>
          <h3>Coaching points</h3>
          <ul>
            <li
              v-for="p in callSheet.points"
              :key="p"
            >
              {{ p }}
            </li>
          </ul>
        </div>
        <div>
          <h3>When the picture changes</h3>
          <ul>
            <li
              v-for="m in [...callSheet.checks, ...callSheet.motion]"
              :key="m"
            >
              {{ m }}
            </li>
          </ul>
        </div>
        <div>
          <h3>What to look out for</h3>
          <ul>
            <li
              v-for="l in flat(grouped(sheet.findings, mutes)).slice(0, 6)"
              :key="l.n"
            >
              <b>{{ l.muted ? 'lived with' : l.finding.severity }}</b> {{ l.finding.title
              }}<template v-if="l.muted"> {{ l.muted.reason }}</template>
            </li>
            <li v-if="!sheet.findings.length">Nothing found against this formation.</li>
          </ul>
        </div>
      </div>
      <p class="caution">
        Contact: heads up and out of it. Stop at any sign of concussion or heat illness; local rules, the governing body
        and licensed medical staff decide.
      </p>
    </article>
  </div>
</template>

<style scoped>
.page {
  height: 100%;
  overflow-y: auto;
}
.card {
  --paper: #fff;
  --card: #fff;
  --field: #fff;
  --ink: #000;
  --soft: #333;
  --rule: #888;
  --faint: #ccc;
  --under: #000;
  --deep: #000;
  --man: #000;
  --rush: #000;
  --run: #000;
  --bust: #000;
  --accent: #000;
  --pick: #fff;
  --on-dark: #fff;
  max-width: 1080px;
  margin: 18px auto;
  padding: 18px 26px;
  background: #fff;
  color: #000;
  border: 1.5px solid #000;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  border-bottom: 3px solid #000;
  padding-bottom: 6px;
}
.head h2 {
  font: 700 32px/1 var(--narrow);
}
.head p {
  text-align: right;
  font: 400 14px/1.35 var(--narrow);
}
.drawing {
  height: 430px;
  margin: 8px 0;
}
table {
  width: 100%;
  border-collapse: collapse;
  font: 400 13px/1.3 var(--narrow);
}
th {
  text-align: left;
  font-weight: 700;
  white-space: nowrap;
}
thead th {
  border-bottom: 1.5px solid #000;
  text-transform: capitalize;
}
tbody th small {
  font-weight: 400;
}
td,
th {
  padding: 2.5px 10px 2.5px 0;
  border-bottom: 1px solid #bbb;
  vertical-align: top;
}
.foot {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 22px;
  margin-top: 10px;
}
h3 {
  font: 700 14px/1.3 var(--narrow);
}
.foot li {
  font: 400 13px/1.4 var(--narrow);
  padding-left: 10px;
  text-indent: -10px;
}
.foot li::before {
  content: '– ';
}
.cones ol {
  columns: 4;
  list-style-position: inside;
}
.cones p {
  color: var(--soft);
  font-size: 13px;
}
.caution {
  font: 400 12.5px/1.35 var(--narrow);
  border-top: 1.5px solid #000;
  margin-top: 10px;
  padding-top: 5px;
}
.trouble {
  color: var(--bust);
  padding: 20px;
  font-weight: 600;
}
@media print {
  .card {
    border: 0;
    margin: 0;
    padding: 0;
    max-width: none;
    display: flex;
    flex-direction: column;
    height: 99vh;
  }
  /* the drawing takes what the words leave of the page */
  .drawing {
    flex: 1 1 0;
    min-height: 46mm;
    max-height: 110mm;
  }
  table,
  .foot li {
    font-size: 12px;
  }
  .head h2 {
    font-size: 26px;
  }
}
</style>
