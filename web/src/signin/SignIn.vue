<script setup lang="ts">
import { ref } from 'vue'
import { problemOf } from '../api/client'
import { useSession } from '../shell/session'
import FaultSaid from '../shell/FaultSaid.vue'

const session = useSession()
const username = ref('')
const password = ref('')
const fault = ref('')
const busy = ref(false)

async function submit(): Promise<void> {
  busy.value = true
  fault.value = ''
  try {
    await session.signIn(username.value, password.value)
  } catch (error) {
    fault.value = problemOf(error).detail
  } finally {
    busy.value = false
    password.value = ''
  }
}
</script>

<template>
  <form
    class="signin"
    @submit.prevent="submit"
  >
    <h1 class="sentence">Mensch. <em>Sign in to your programme.</em></h1>
    <p class="what">
      A defensive call is written once, as rules. It lines up against whatever they show, says what breaks and how to
      mend it, prints the card that teaches it, and grades the film by what it asked of each man.
    </p>
    <label
      >Name
      <input
        v-model="username"
        name="username"
        autocomplete="username"
        autofocus
        required
    /></label>
    <label
      >Password
      <input
        v-model="password"
        name="password"
        type="password"
        autocomplete="current-password"
        required
    /></label>
    <FaultSaid :words="fault" />
    <button
      class="button main"
      :disabled="busy"
    >
      {{ busy ? 'Signing in' : 'Sign in' }}
    </button>
    <p class="soft">
      {{
        session.last
          ? 'What you had typed before is still here.'
          : 'The start command printed the demo sign-in; its people and games are made up.'
      }}
    </p>
  </form>
</template>

<style scoped>
.signin {
  max-width: 380px;
  margin: 14vh auto 0;
  display: grid;
  gap: 14px;
  padding: 0 20px;
}
label {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
input {
  font: 400 16px/1.2 var(--text);
  padding: 9px 10px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  background: var(--card);
  color: var(--ink);
}
.what {
  font: 500 15px/1.5 var(--serif);
}
</style>
