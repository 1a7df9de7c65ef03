<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue'
import { useStorage } from '@vueuse/core'
import { onMounted, watchEffect } from 'vue'
import SignIn from '../signin/SignIn.vue'
import { useSession } from './session'
import { themeOf, type ThemeName } from './theme'
import { useTrouble } from './trouble'

const session = useSession()
const trouble = useTrouble()
const themeName = useStorage<ThemeName>('mensch.theme', 'day')
watchEffect(() => (document.documentElement.dataset.theme = themeName.value))
onMounted(() => session.load())
function turnPaper(): void {
  themeName.value = themeName.value === 'day' ? 'night' : 'day'
}
</script>

<template>
  <ConfigProvider :theme="themeOf(themeName)">
    <div class="shell">
      <nav aria-label="Views">
        <b>Mensch</b>
        <RouterLink to="/board">Board</RouterLink>
        <RouterLink
          to="/playbook"
          :class="{ on: $route.path.startsWith('/playbook') }"
          >Playbook</RouterLink
        >
        <RouterLink to="/plan">Plan</RouterLink>
        <template v-if="session.me?.mayWrite">
          <RouterLink
            to="/film"
            :class="{ on: $route.path.startsWith('/film') }"
            >Film</RouterLink
          >
          <RouterLink to="/grades">Grades</RouterLink>
          <RouterLink
            to="/programme"
            :class="{ on: $route.path.startsWith('/programme') }"
            >House</RouterLink
          >
        </template>
        <span class="foot">
          <button
            v-if="session.me"
            type="button"
            @click="turnPaper"
          >
            {{ themeName === 'day' ? 'Night' : 'Day' }}
          </button>
          <button
            v-if="session.me"
            type="button"
            :title="`Signed in: ${session.me.displayName}`"
            @click="session.signOut()"
          >
            Sign out
          </button>
          <span v-if="session.me">? keys</span>
        </span>
      </nav>
      <main>
        <p
          v-if="trouble.problem"
          class="trouble no-print"
          role="alert"
        >
          <span>{{ trouble.problem.detail }}</span>
          <span v-if="trouble.away(trouble.problem)">Trying again by itself.</span>
          <button
            v-else
            type="button"
            class="button"
            @click="trouble.dismiss"
          >
            Close
          </button>
        </p>
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
  </ConfigProvider>
</template>

<style scoped>
@media screen {
  .shell {
    display: grid;
    grid-template-columns: 72px 1fr;
    height: 100%;
  }
}
nav {
  background: #1c2426;
  color: #d9d5c8;
  display: flex;
  flex-direction: column;
  padding: 14px 0 10px;
}
nav b {
  font: 700 19px/1 var(--narrow);
  color: #fff;
  text-align: center;
  margin-bottom: 16px;
}
nav a {
  font: 600 14px/1 var(--narrow);
  padding: 12px 0 12px 12px;
  border-left: 4px solid transparent;
  color: inherit;
  text-decoration: none;
}
nav a.router-link-active,
nav a.on {
  color: #1c2426;
  background: #f6f3ea;
  border-color: #e0a526;
}
.foot {
  margin-top: auto;
  display: grid;
  gap: 10px;
  padding-left: 12px;
  font: 400 13px/1 var(--narrow);
  color: #b9bfbb;
}
.foot button {
  all: unset;
  cursor: pointer;
}
.foot button:focus-visible {
  outline: 3px solid #e0a526;
}
.trouble {
  position: absolute;
  z-index: 6;
  inset: 0 0 auto;
  margin: 0;
  padding: 10px 16px;
  display: flex;
  gap: 12px;
  align-items: center;
  background: var(--pick);
  color: #1c2426;
  border-bottom: 2px solid var(--bust);
  font-weight: 600;
}
.over {
  position: absolute;
  inset: 0;
  background: var(--paper);
  z-index: 5;
}
main {
  min-width: 0;
  min-height: 0;
  position: relative;
}
/* In a hand the rail lies on top. */
@media screen and (max-width: 760px) {
  .shell {
    grid-template: auto minmax(0, 1fr) / minmax(0, 1fr);
  }
  nav {
    flex-direction: row;
    align-items: center;
    overflow-x: auto;
    scrollbar-width: none;
    padding: 0 6px;
  }
  nav b {
    margin: 0 8px;
  }
  nav a {
    border-left: 0;
    border-bottom: 4px solid transparent;
    padding: 12px 9px 8px;
  }
  .foot {
    display: flex;
    margin: 0 8px 0 auto;
    white-space: nowrap;
  }
}
</style>
