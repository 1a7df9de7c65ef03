<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { watch } from 'vue'
import { useRouter } from 'vue-router'
import { useKept } from '../shell/kept'
import { CALLS } from '../shell/queries'
import { useSession } from '../shell/session'

/** What is here and where to begin. Whoever leaves it begins on the board; a player begins with his job. */
const session = useSession()
const router = useRouter()
const left = useKept('start.left', false)
watch(
  () => session.me,
  (me) => {
    if (me && !me.mayGrade) void router.replace('/mine')
    else if (me && left.value) void router.replace('/board')
  },
  { immediate: true },
)
const { data: calls } = useQuery(CALLS)
function leave(): void {
  left.value = true
  void router.push('/board')
}
const BEGIN = [
  {
    to: '/board?call=anvil-eel&against=double-wing&code=hs&ball=38&hash=l&down=2-7',
    name: 'See a call break, and mend it',
    words: 'A call against a formation it was not made for: what breaks is said. Press T: repairs, each of them tried.',
  },
  {
    to: '/board?call=anvil-drizzle&against=trips-open&code=hs&ball=12&hash=r&down=3-7',
    name: 'Ask who has #3',
    words: 'Trips on the right hash. Press R, or point at any man, gap or area of the field.',
  },
  {
    to: '/playbook',
    name: 'Find a call, or write your own',
    words: 'Type cover 3, blitz, trips. Press N for a new call; its rules are typed and tried live.',
  },
  {
    to: '/plan',
    name: 'Try the week against everything',
    words: 'Every call of the plan against every formation, worst first.',
  },
]
const HERE = [
  ['Board', 'one call against one formation: who stands where, who has whom, what breaks and what mends it'],
  ['Playbook', 'calls, fronts, coverages, pressures; formations and plays of theirs; cards to print'],
  ['Plan', 'all calls of the week against all formations'],
  ['Film', 'games cut into plays, men measured against what the call asked of them, and graded'],
  ['Grades', 'who does his job how often, man by man and facet by facet'],
  ['House', 'how you count and name things; the roster and who plays what; every figure used'],
]
</script>

<template>
  <div
    v-if="session.me?.mayGrade && !left"
    class="start"
  >
    <header class="view-head">
      <h1 class="sentence words">
        A call is written once, as rules; <em>everything else is worked out from them.</em>
      </h1>
      <button
        type="button"
        class="button main"
        @click="leave"
      >
        To the board; begin there next time
      </button>
    </header>
    <div class="page">
      <section aria-label="Where to begin">
        <h2>Where to begin</h2>
        <RouterLink
          v-for="b in BEGIN"
          :key="b.to"
          :to="b.to"
          class="begin"
          ><b>{{ b.name }}</b> <span>{{ b.words }}</span></RouterLink
        >
        <p class="soft">
          In any view: <span class="key">?</span> lists its keys, <span class="key">Ctrl K</span> goes to anything by
          name.
        </p>
      </section>
      <section aria-label="What is here">
        <h2>What is here</h2>
        <dl>
          <template
            v-for="[name, words] in HERE"
            :key="name"
            ><dt>{{ name }}</dt>
            <dd>{{ words }}</dd></template
          >
        </dl>
        <p
          v-if="calls"
          class="soft"
        >
          The shipped library has {{ calls.filter((c) => !c.revision).length }} calls to use, change or retire. People,
          games and film of a demo are made up. Film and grades are seen by coaches alone.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.start {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  height: 100%;
}
.page {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 40px;
  padding: 30px 40px;
  max-width: 1240px;
  overflow-y: auto;
  align-content: start;
}
h2 {
  font: 700 21px/1.3 var(--narrow);
  padding-bottom: 8px;
}
.begin {
  display: block;
  padding: 12px 0;
  border-top: 1.5px solid var(--ink);
  color: inherit;
  text-decoration: none;
}
.begin b {
  display: block;
  font: 600 19px/1.4 var(--serif);
  text-decoration: underline;
  text-decoration-color: var(--control);
  text-underline-offset: 4px;
}
.begin:hover b {
  text-decoration-color: var(--ink);
}
.begin span {
  font: 400 15px/1.45 var(--text);
}
dl {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 10px 14px;
  border-top: 1.5px solid var(--ink);
  padding: 12px 0;
}
dt {
  font: 700 16px/1.4 var(--narrow);
}
dd {
  font: 400 15px/1.45 var(--text);
}
</style>
