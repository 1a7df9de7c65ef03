<script setup lang="ts">
import type { PlanLoad } from '../api/types'

/** What a plan asks to learn: role by role, and what each call adds to those before it. */
defineProps<{ load: PlanLoad; callName: (id: string) => string }>()
</script>

<template>
  <div>
    <h2 class="next">What it asks to learn</h2>
    <p class="soft">Sentences of the rules a role has to know for this plan.</p>
    <p>
      <span
        v-for="r in load.roles.slice(0, 8)"
        :key="r.role"
        class="count"
        ><b>{{ r.rungs }}</b> {{ r.role }}</span
      >
    </p>
    <table class="learn">
      <thead>
        <tr>
          <th>Call</th>
          <th>new sentences</th>
          <th>roles</th>
          <th>men other than in the first</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="a in load.calls"
          :key="a.call"
        >
          <th scope="row">{{ callName(a.call) }}</th>
          <td>{{ a.rungs }}</td>
          <td>{{ a.roles }}</td>
          <td>{{ a.men }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
h2 {
  font: 700 16px/1.25 var(--narrow);
  padding-bottom: 4px;
}
h2.next {
  margin-top: 18px;
  padding-top: 10px;
  border-top: 1.5px solid var(--rule);
}
p {
  padding-bottom: 8px;
}
.count {
  display: inline-block;
  margin-right: 12px;
  white-space: nowrap;
  font-family: var(--narrow);
}
.learn {
  border-collapse: collapse;
  font: 400 13px/1.25 var(--narrow);
  width: 100%;
}
.learn th {
  text-align: left;
  font-weight: 600;
  vertical-align: bottom;
  padding: 2px 6px 2px 0;
  border-top: 1px solid var(--faint);
}
.learn td {
  border-top: 1px solid var(--faint);
  text-align: right;
  padding: 2px 4px;
  font-variant-numeric: tabular-nums;
}
.learn thead th {
  color: var(--soft);
  border: 0;
}
</style>
