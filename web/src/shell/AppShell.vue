<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue'
import { defineAsyncComponent, onMounted, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import SignIn from '../signin/SignIn.vue'
import { useActions } from './actions/registry'
import { useHints } from './hint/useHints'
import { useSession } from './session'
import { themeOf } from './theme'
import { useTrouble } from './trouble'
import TroubleBar from './TroubleBar.vue'
import { useShell } from './useShell'

const session = useSession()
const actions = useActions()
const { theme, turnPaper, palette } = useShell()
const KeysHelp = defineAsyncComponent(() => import('./actions/KeysHelp.vue'))
const HintShown = defineAsyncComponent(() => import('./hint/HintShown.vue'))
const hint = useHints()
const ActionPalette = defineAsyncComponent(() => import('./actions/ActionPalette.vue'))
onMounted(() => session.load())
/** In a narrow place the tabs are walked sideways: the one of this view is in sight. */
const tabs = useTemplateRef('tabs')
const route = useRoute()
const work = useTemplateRef('work')
/** The view has the hand when nothing in it took it, so that the keys roll it. */
function enter(): void {
  tabs.value
    ?.querySelector('.on, .router-link-active:not(.brand)')
    ?.scrollIntoView({ inline: 'center', block: 'nearest' })
  if (document.activeElement === document.body) work.value?.focus({ preventScroll: true })
}
watch(() => [route.path, session.me], enter, { flush: 'post' })
watch(() => route.path, useTrouble().leave)
</script>

<template>
  <ConfigProvider :theme="themeOf(theme)">
    <div class="shell">
      <a
        class="skip"
        href="#work"
        >To the work</a
      >
      <nav
        ref="tabs"
        aria-label="Views"
      >
        <RouterLink
          to="/"
          class="brand"
          >Mensch</RouterLink
        >
        <template v-if="session.me">
          <RouterLink
            v-if="!session.me.mayGrade"
            to="/mine"
            >My job</RouterLink
          >
          <RouterLink to="/board">Board</RouterLink>
          <RouterLink
            to="/playbook"
            :class="{ on: $route.path.startsWith('/playbook') }"
            >Playbook</RouterLink
          >
          <RouterLink to="/plan">Plan</RouterLink>
        </template>
        <template v-if="session.me?.mayGrade">
          <RouterLink
            to="/film"
            :class="{ on: $route.path.startsWith('/film') }"
            >Film</RouterLink
          >
          <RouterLink
            to="/grades"
            :class="{ on: $route.path.startsWith('/grades') }"
            >Grades</RouterLink
          >
          <RouterLink
            to="/programme"
            :class="{ on: $route.path.startsWith('/programme') }"
            >House</RouterLink
          >
        </template>
        <span
          v-if="session.me"
          class="foot"
        >
          <span class="me">{{ session.me.displayName }}</span>
          <button
            type="button"
            class="link"
            @click="turnPaper"
          >
            {{ theme === 'day' ? 'Night' : 'Day' }}
          </button>
          <button
            type="button"
            class="link"
            @click="session.signOut()"
          >
            Sign out
          </button>
          <button
            type="button"
            class="link plain"
            @click="palette"
          >
            <span class="key">Ctrl K</span> go to
          </button>
          <button
            type="button"
            class="link plain"
            @click="actions.help = true"
          >
            <span class="key">?</span> keys
          </button>
        </span>
      </nav>
      <div class="place">
        <TroubleBar />
        <main
          id="work"
          ref="work"
          tabindex="-1"
        >
          <div
            v-if="session.asked && !session.me"
            class="over"
          >
            <SignIn />
          </div>
          <RouterView
            v-if="session.last"
            v-show="session.me"
          />
        </main>
      </div>
      <KeysHelp v-if="actions.help" />
      <ActionPalette v-if="actions.palette" />
      <HintShown
        v-if="hint"
        :key="`${hint.box.left} ${hint.box.top} ${hint.words}`"
        :hint="hint"
      />
    </div>
  </ConfigProvider>
</template>

<style scoped>
@media screen {
  .shell {
    display: grid;
    grid-template: auto minmax(0, 1fr) / minmax(0, 1fr);
    height: 100%;
  }
  main {
    container: work / size;
    overflow-y: auto;
  }
}
/* Index tabs of a card box: the picked one is of one piece with the card below. */
nav {
  display: flex;
  align-items: flex-end;
  gap: 3px;
  padding: 5px 14px 0 20px;
  background: var(--faint);
  border-bottom: 1.5px solid var(--ink);
  font: 600 15px/1 var(--narrow);
}
nav a {
  padding: 7px 15px 7px;
  border: 1.5px solid var(--rule);
  border-bottom: 0;
  border-radius: 5px 5px 0 0;
  background: var(--paper);
  color: var(--soft);
  text-decoration: none;
  white-space: nowrap;
}
nav .brand {
  border: 0;
  background: none;
  font: 700 20px/1 var(--narrow);
  color: var(--ink);
  padding: 0;
  margin: 0 18px 7px 0;
}
nav a:hover {
  color: var(--ink);
}
nav a.router-link-active:not(.brand),
nav a.on {
  margin-bottom: -1.5px;
  padding-bottom: 8.5px;
  border-color: var(--ink);
  background: var(--card);
  color: var(--ink);
  font-weight: 700;
}
.foot {
  margin-left: auto;
  display: flex;
  gap: 16px;
  align-items: baseline;
  padding-bottom: 7px;
  font: 400 13.5px/1 var(--narrow);
  white-space: nowrap;
}
.me {
  color: var(--soft);
}
.foot .link {
  color: var(--ink);
}
button.plain {
  text-decoration: none;
}
.skip {
  position: absolute;
  left: -999px;
}
.skip:focus {
  left: 8px;
  top: 4px;
  z-index: 9;
  padding: 6px 10px;
  background: var(--card);
}
main:focus {
  outline: none;
}
.over {
  position: absolute;
  inset: 0;
  background: var(--paper);
  z-index: 5;
}
.place {
  min-width: 0;
  min-height: 0;
  position: relative;
}
main {
  height: 100%;
  position: relative;
}
/* In a hand the tabs are walked sideways. */
@media screen and (max-width: 760px) {
  nav {
    overflow-x: auto;
    scrollbar-width: none;
    padding: 4px 6px 0;
  }
  nav .brand {
    margin: 0 8px 7px 2px;
    padding: 0;
  }
  nav a {
    padding: 9px 9px 7px;
  }
  .me {
    display: none;
  }
}
</style>
