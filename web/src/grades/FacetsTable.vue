<script setup lang="ts">
import { computed } from 'vue'
import type { Against, Tallied } from '../api/types'
import { below, beside, share, told } from './tallies'
import PlaysLink from './PlaysLink.vue'

/** Facet by facet: all of it, and against starters and backups apart. */
const props = withDefaults(defineProps<{ facets: Tallied[]; against: Against[]; leads?: boolean }>(), { leads: true })
const name = (a: Against): string => (a.unit ? `against ${a.unit}` : 'unit not said')
/** Where all of it is against one unit, it is not said twice. */
const split = computed(() => (props.against.length > 1 ? props.against : []))
const of = (a: Against, facet: Tallied): Tallied | undefined => a.facets.find((f) => f.topic.what === facet.topic.what)
</script>

<template>
  <table>
    <thead>
      <tr>
        <th>Facet</th>
        <th>
          To standard or above<template v-if="against.length === 1 && against[0]!.unit"
            >, {{ name(against[0]!) }}</template
          >
        </th>
        <th
          v-for="a in split"
          :key="name(a)"
        >
          {{ name(a) }}
        </th>
        <th>Below</th>
        <th>Not counted</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="f in facets"
        :key="f.topic.what"
      >
        <td>
          <b>{{ f.topic.what }}</b>
        </td>
        <td>
          <PlaysLink
            :plays="told(f)"
            :of="f.topic.what"
            :leads="leads"
            >{{ share(f) }}</PlaysLink
          >
        </td>
        <td
          v-for="a in split"
          :key="name(a)"
        >
          <PlaysLink
            v-if="of(a, f)"
            :plays="told(of(a, f)!)"
            :of="`${f.topic.what} ${name(a)}`"
            :leads="leads"
            >{{ share(of(a, f)!) }}</PlaysLink
          >
        </td>
        <td>
          <PlaysLink
            v-if="below(f).length"
            :plays="below(f)"
            :of="`${f.topic.what} below standard`"
            :leads="leads"
          />
        </td>
        <td class="soft">
          <template
            v-for="(b, i) in beside(f)"
            :key="b.words"
            >{{ i ? ', ' : ''
            }}<PlaysLink
              :plays="b.plays"
              :of="`${f.topic.what} ${b.words}`"
              :leads="leads"
              >{{ b.words }}</PlaysLink
            ></template
          >
        </td>
      </tr>
    </tbody>
  </table>
</template>
