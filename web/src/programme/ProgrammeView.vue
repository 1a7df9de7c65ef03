<script setup lang="ts">
import { computed, nextTick, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, client, over, problemOf } from '../api/client'
import type { ConventionSheet } from '../api/types'
import HouseTabs from './HouseTabs.vue'
import { usePutInForce } from './inForce'
import { useSession } from '../shell/session'
import FaultSaid from '../shell/FaultSaid.vue'

const session = useSession()
const sheet = shallowRef<ConventionSheet>()
const chosen = ref<Record<string, string>>({})
const { said, trouble, put } = usePutInForce()
const changed = computed(() => sheet.value?.settings.filter((s) => chosen.value[s.id] !== s.chosen) ?? [])

function take(found: ConventionSheet): void {
  sheet.value = found
  chosen.value = Object.fromEntries(found.settings.map((s) => [s.id, s.chosen]))
}
async function load(): Promise<void> {
  try {
    take(await answer(client.GET('/api/conventions')))
    trouble.value = ''
  } catch (error) {
    trouble.value = problemOf(error).detail
  }
}
const route = useRoute()
const asked = computed(() => route.hash.slice(1))
async function toAsked(): Promise<void> {
  await nextTick()
  if (asked.value) document.getElementById(asked.value)?.scrollIntoView({ block: 'center' })
}
onMounted(async () => {
  await load()
  await toAsked()
})
watch(asked, toAsked)
const choose = (): Promise<void> =>
  put(async () => {
    const choices = Object.fromEntries(
      sheet
        .value!.settings.filter((s) => chosen.value[s.id] !== s.choices[0]!.id)
        .map((s) => [s.id, chosen.value[s.id]!]),
    )
    const params = { header: over(sheet.value!.version) }
    take(await answer(client.PUT('/api/conventions', { params, body: { choices } })))
  })
</script>

<template>
  <div class="view">
    <header class="view-head">
      <HouseTabs />
      <span
        v-if="said && !changed.length"
        class="sound"
        role="status"
        >{{ said }}</span
      >
      <button
        v-if="session.me?.mayWrite"
        type="button"
        class="button main"
        :disabled="!changed.length"
        @click="choose"
      >
        {{ changed.length ? `Put ${changed.length} in force` : 'Nothing changed' }}
      </button>
    </header>
    <section
      class="rolls"
      aria-label="Settings"
      tabindex="0"
    >
      <FaultSaid :words="trouble"
        ><button
          type="button"
          class="link"
          @click="load"
        >
          Load them anew
        </button></FaultSaid
      >
      <p
        v-if="!sheet && !trouble"
        class="empty"
        role="status"
      >
        Opening the conventions.
      </p>
      <p
        v-if="sheet"
        class="soft lead"
      >
        Where practitioners differ, what we teach. Landmark set in force: {{ sheet.landmarks }}.<template
          v-if="sheet.chosenBy"
        >
          Conventions and figures last set by {{ sheet.chosenBy }},
          {{ new Date(sheet.chosenAt!).toLocaleString() }}.</template
        >
        The first of each is the default. Calls, findings, cards and film are answered by what is in force.
      </p>
      <fieldset
        v-for="s in sheet?.settings ?? []"
        :id="s.id"
        :key="s.id"
        :class="{ changed: chosen[s.id] !== s.chosen, asked: s.id === asked }"
      >
        <legend>{{ s.title }}</legend>
        <p class="soft">{{ s.why }}</p>
        <label
          v-for="c in s.choices"
          :key="c.id"
          ><input
            v-model="chosen[s.id]"
            type="radio"
            :name="s.id"
            :value="c.id"
          />
          {{ c.words }}</label
        >
      </fieldset>
    </section>
  </div>
</template>

<style scoped>
.sound {
  color: var(--sound);
  font-weight: 600;
}
section {
  padding: 12px 20px 24px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(350px, 1fr));
  gap: 0 28px;
  align-content: start;
}
.lead,
.fault {
  grid-column: 1 / -1;
  padding-bottom: 10px;
}
fieldset {
  border: 0;
  border-top: 1.5px solid var(--rule);
  border-left: 4px solid transparent;
  padding: 8px 0 14px 10px;
  margin: 0;
}
fieldset.asked {
  outline: 3px solid var(--accent);
}
fieldset.changed {
  border-left-color: var(--accent);
}
legend {
  font: 700 16px/1.2 var(--narrow);
  padding: 0 8px 0 0;
}
fieldset p {
  font-size: 13px;
  padding-bottom: 4px;
}
label {
  display: block;
  font-size: 14px;
  padding: 2px 0;
  cursor: pointer;
}
input {
  accent-color: var(--ink);
  margin-right: 6px;
}
</style>
