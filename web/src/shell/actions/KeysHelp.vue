<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { computed } from 'vue'
import { keyLines } from './action'
import { useActions } from './registry'

/** Every key that works here, in words, under headings. */
const actions = useActions()
const groups = computed(() => keyLines(actions.actions))
</script>

<template>
  <Modal
    :open="actions.help"
    title="Keys"
    :footer="null"
    width="min(1080px, 94vw)"
    @cancel="actions.help = false"
  >
    <div
      class="scroll"
      tabindex="0"
      role="group"
      aria-label="Keys that work here"
    >
      <div class="groups">
        <section
          v-for="g in groups"
          :key="g.group"
        >
          <h3>{{ g.group }}</h3>
          <dl>
            <template
              v-for="line in g.lines"
              :key="line.label"
              ><dt>
                <span
                  v-for="key in line.keys"
                  :key="key"
                  class="key"
                  >{{ key }}</span
                >
              </dt>
              <dd>{{ line.label }}</dd></template
            >
          </dl>
        </section>
      </div>
    </div>
  </Modal>
</template>

<style scoped>
.groups {
  columns: 3 290px;
  column-gap: 28px;
}
.scroll {
  max-height: 72vh;
  overflow: auto;
}
section {
  break-inside: avoid;
  margin-bottom: 16px;
}
h3 {
  font: 700 15px/1.4 var(--narrow);
  border-bottom: 1px solid var(--rule);
  margin-bottom: 6px;
}
dl {
  display: grid;
  grid-template-columns: 92px 1fr;
  gap: 6px 12px;
  align-items: baseline;
}
dt {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
}
</style>
