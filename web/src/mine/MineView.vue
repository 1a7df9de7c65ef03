<script setup lang="ts">
import { useQueries, useQuery } from '@tanstack/vue-query'
import { computed, onMounted } from 'vue'
import { answer, client, faultOf } from '../api/client'
import FieldPicture from '../board/field/FieldPicture.vue'
import { usePlaybook } from '../playbook/playbookStore'
import { actionsOf } from '../shell/actions/action'
import { useViewActions } from '../shell/actions/registry'
import { useKept } from '../shell/kept'
import { callChoices, snapAgainst, useLists } from '../shell/lists'
import WordMenu from '../words/WordMenu.vue'
import { jobOf, told } from './job'

/** A player's own page: which man he is, and his job on this week's calls against the formation chosen. */
const lists = useLists()
const playbook = usePlaybook()
const formation = useKept('mine.formation', '')
const call = useKept('mine.call', '')
onMounted(async () => {
  await Promise.all([lists.choices ? undefined : lists.load(), playbook.load()])
  const first = week.value[0] ?? lists.calls[0]
  if (first && !lists.call(call.value)) call.value = first.id
  if (!lists.formation(formation.value)) formation.value = firstMet(shown.value)
})
const {
  data: mine,
  error: whoError,
  isSuccess: asked,
} = useQuery({
  queryKey: ['mine'],
  queryFn: async () => (await answer(client.GET('/api/roster/mine'))) || null,
})
const planned = computed(() => new Set(playbook.items.filter((i) => i.install === 'plan').map((i) => i.id)))
/** The formation a call is first met by: one it is meant for, or the first of its game. */
const firstMet = (met: (typeof lists.calls)[number] | undefined): string =>
  met?.meantFor[0] ?? lists.choices?.formations.find((f) => f.players === met?.players)?.id ?? ''
const players = computed(() => lists.formation(formation.value)?.players)
const week = computed(() =>
  lists.calls.filter((c) => planned.value.has(c.id) && (!players.value || c.players === players.value)),
)
const shown = computed(() => lists.call(call.value))
const formations = computed(() =>
  lists.formations.filter((f) => lists.formation(f.id)?.players === shown.value?.players),
)
const calls = computed(() => callChoices(lists.calls, lists.formation(formation.value)))

function lineUp(id: string) {
  const snap = snapAgainst(lists.formation(formation.value), lists.choices)
  return {
    queryKey: ['my line-up', id, snap],
    queryFn: () => answer(client.POST('/api/line-ups', { body: { snap: snap!, call: id, edits: [], hand: [] } })),
    enabled: !!id && !!snap,
    retry: false,
  }
}
const weekly = useQueries({ queries: computed(() => week.value.map((c) => lineUp(c.id))) })
const { data: board, error } = useQuery(computed(() => lineUp(call.value)))
const fault = computed(() => faultOf(error.value ?? whoError.value) || playbook.problem?.detail)
const sheet = computed(() => board.value?.phases[0])
const job = computed(() => mine.value && jobOf(sheet.value, mine.value.id))
const lines = computed(() =>
  week.value.map((c, i) => {
    if (!mine.value) return { ...c, place: c.words, role: undefined }
    const his = jobOf(weekly.value[i]?.data?.phases[0], mine.value.id)
    return {
      ...c,
      place: his ? told(his)[0]?.words : weekly.value[i]?.data ? 'not on the field' : '…',
      role: his?.name,
    }
  }),
)
function walk(by: number): void {
  const at = week.value.findIndex((c) => c.id === call.value)
  call.value = week.value[Math.max(0, Math.min(week.value.length - 1, at + by))]?.id ?? call.value
}
const his = actionsOf('My job')
useViewActions({
  title: 'My job',
  actions: [
    his('next', 'ArrowDown', "The week's next call", () => walk(1)),
    his('previous', 'ArrowUp', "The week's call before", () => walk(-1)),
  ],
})
</script>

<template>
  <div class="view mine">
    <header class="view-head">
      <h1 class="sentence words">
        <span v-if="mine"
          ><b>{{ mine.number }} {{ mine.name }}</b
          >{{ job ? `, ${job.name}` : '' }}</span
        ><template v-else>My job</template>
        <em>on</em>
        <WordMenu
          :value="call"
          label="Call"
          :options="calls"
          strong
          @pick="call = $event"
        />
        <em>against</em>
        <WordMenu
          :value="formation"
          label="Formation"
          :options="formations"
          @pick="formation = $event"
        />
      </h1>
      <RouterLink to="/mine/grades">My grades</RouterLink>
    </header>
    <nav
      class="rolls"
      aria-label="This week's calls"
    >
      <h2>This week's calls</h2>
      <p
        v-if="!lines.length && playbook.known && lists.calls.length"
        class="soft"
      >
        Nothing is planned for this week yet. Any call can be chosen in the sentence above.
      </p>
      <ol>
        <li
          v-for="l in lines"
          :key="l.id"
        >
          <button
            type="button"
            :aria-current="l.id === call"
            @click="call = l.id"
          >
            <b>{{ l.name }}</b> <span>{{ l.role ? `${l.role}: ` : '' }}{{ l.place }}</span>
          </button>
        </li>
      </ol>
    </nav>
    <section
      class="rolls"
      aria-label="My job on this call"
      tabindex="0"
    >
      <p
        v-if="fault"
        class="fault"
        role="alert"
      >
        {{ fault }}
      </p>
      <p
        v-else-if="asked && !mine"
        class="empty"
      >
        No coach has said yet which man of the roster you are. Ask one: it is the column “signs in as” of the roster.
        The calls are here meanwhile.
      </p>
      <p
        v-else-if="sheet && mine && !job"
        class="empty"
      >
        You are not on the field on {{ shown?.name }} against this formation. The drawing shows who is.
      </p>
      <dl v-if="job">
        <template
          v-for="t in told(job)"
          :key="t.what"
          ><dt>{{ t.what }}</dt>
          <dd>{{ t.words }}</dd></template
        >
      </dl>
      <table v-if="job?.reads.length">
        <caption>
          What your key tells you
        </caption>
        <tbody>
          <tr
            v-for="r in job.reads"
            :key="r.of + r.words"
          >
            <th scope="row">{{ r.of }} {{ r.message }}</th>
            <td>
              {{ r.words }} <span class="soft">{{ r.does }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p
        v-if="shown"
        class="soft what"
      >
        {{ shown.name }}: {{ shown.words }}. Places are yards across x yards deep.
      </p>
    </section>
    <FieldPicture
      class="drawing"
      :board="board"
      from="defence"
      :layers="['gaps', 'areas', 'sight lines', 'paths']"
      :selected="job?.id"
    />
  </div>
</template>

<style scoped src="./mine.css"></style>
