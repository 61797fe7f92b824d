<script setup lang="ts">
import {
  Button,
  Descriptions,
  DescriptionsItem,
  Drawer,
  Steps,
  TabPane,
  Tabs,
} from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import TextField from '../../ui/TextField.vue'
import { keys } from './keys.ts'
import { termNames, terms } from './terms.ts'
import { useHelp } from './use-help.ts'

/** How to go about it, the keys, and the words. */
const help = useHelp()
const router = useRouter()
const wanted = ref('')
const found = computed(() => {
  const text = wanted.value.trim().toLowerCase()
  return termNames.filter((name) => `${name} ${terms[name]}`.toLowerCase().includes(text))
})
const steps = [
  ['Look', 'Paint on the drawn plant what you see, add a pH if you have one.'],
  ['Verdict', 'Causes with their reasons, and what to check next.'],
  ['Bench', 'Enter what you measured, or a laboratory’s file.'],
  ['Remedy', 'Product, route and rate; the quick fix and the lasting one.'],
  ['Acid', 'Whether the pH can be moved, how much it takes and in which steps.'],
  ['Jobs', 'The sheet to work from; record there what was done.'],
  ['Watch', 'Whether it greens as it should, and when it is over.'],
].map(([title, description]) => ({ title, description }))
async function showAround(): Promise<void> {
  await router.push({ name: 'estate' })
  help.showAround()
}
</script>

<template>
  <Drawer :open="help.isOpen" title="Help" width="min(460px, 100vw)" @close="help.close()">
    <Tabs>
      <TabPane key="steps" tab="First steps">
        <p>
          Every planting is a ribbon: its leaf colour through time. Where it turns yellow, open it
          and go through the steps.
        </p>
        <Steps
          class="steps"
          direction="vertical"
          size="small"
          progress-dot
          :current="-1"
          :items="steps"
        />
        <Button @click="showAround">Show me around</Button>
      </TabPane>
      <TabPane key="keys" tab="Keys">
        <Descriptions :column="1" size="small">
          <DescriptionsItem v-for="[key, words] in keys" :key="key">
            <template #label
              ><kbd>{{ key }}</kbd></template
            >
            {{ words }}
          </DescriptionsItem>
        </Descriptions>
      </TabPane>
      <TabPane key="words" tab="Words">
        <TextField v-model="wanted" label="Find a word" />
        <dl class="words above-12">
          <template v-for="name in found" :key="name">
            <dt>{{ name }}</dt>
            <dd>{{ terms[name] }}</dd>
          </template>
        </dl>
        <p v-if="found.length === 0">No word of that kind.</p>
      </TabPane>
    </Tabs>
  </Drawer>
</template>

<style scoped>
.steps {
  margin: 16px 0;
}
dt {
  font-weight: 600;
}
dd {
  margin-bottom: 9px;
}
</style>
