<script setup lang="ts">
import { Progress } from 'ant-design-vue'
import type { WorkRow } from '../api/types'

/** How far work on the server is, and that nobody wants it any more. */
withDefaults(defineProps<{ work: WorkRow; of: string; stoppable?: boolean }>(), { stoppable: true })
defineEmits<{ cancel: [] }>()
</script>

<template>
  <div role="status">
    <Progress
      :percent="work.percent"
      size="small"
      status="normal"
      :aria-label="`${of}: ${work.words}`"
    />
    {{ work.cancelling ? 'being cancelled' : work.words }}
    <button
      v-if="stoppable && !work.cancelling"
      class="link"
      type="button"
      @click="$emit('cancel')"
    >
      Cancel
    </button>
  </div>
</template>
