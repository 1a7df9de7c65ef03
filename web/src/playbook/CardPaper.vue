<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { Board, CallSheet, Muted, Sheet } from '../api/types'
import FieldDrawing from '../board/field/FieldDrawing.vue'
import { flat, grouped } from '../board/findings'

/** What a man takes home of one call against one formation: the drawing, every job, what to look out for. */
const props = defineProps<{ call: CallSheet; field: Board['field']; sheet: Sheet; mutes: Muted[]; against: string }>()
const SHOWN = ['align', 'key', 'run', 'pass', 'reads']
/** So many findings have room on a card. */
const LOOK_OUT = 6
const found = computed(() => flat(grouped(props.sheet.findings, props.mutes)))
const drawing = useTemplateRef<HTMLElement>('drawing')
defineExpose({ picture: (): SVGSVGElement => drawing.value!.querySelector('svg')! })
</script>

<template>
  <article class="card">
    <div class="head">
      <h2>{{ call.name }}</h2>
      <p>{{ call.layers.map((l) => l.name).join(' · ') }}<br />{{ against }}</p>
    </div>
    <div
      ref="drawing"
      class="drawing"
    >
      <FieldDrawing
        :field="field"
        :sheet="sheet"
        :listed="found"
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
            v-for="p in call.points"
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
            v-for="m in call.pictures"
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
            v-for="l in found.slice(0, LOOK_OUT)"
            :key="l.n"
          >
            <b>{{ l.muted ? 'lived with' : l.finding.severity }}</b> {{ l.finding.title }}
            {{ l.muted?.reason }}
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
</template>

<style scoped>
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
