<script setup lang="ts">
import { SearchOutlined } from '@ant-design/icons-vue'
import { Button, Checkbox, Input, Popover, Select, Space, Tag } from 'ant-design-vue'
import { computed, ref } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import FormField from '../../ui/FormField.vue'
import { groupings, noFilter, type Grouping, type ListedStand } from './estate-list.ts'
import { useEstateFilter } from './use-estate-filter.ts'

/** Which stands are wanted, and how they are grouped. */
const props = defineProps<{ stands: readonly ListedStand[] }>()
const store = useEstateFilter()
const kinds = computed(() =>
  [...new Set(props.stands.map(({ kind }) => kind))].toSorted().map((value) => ({ value })),
)
const groupOptions = Object.entries(groupings).map(([value, words]) => ({
  value: value as Grouping,
  words,
}))
const isFiltered = computed(() => JSON.stringify(store.filter) !== JSON.stringify(noFilter))
const name = ref('')
const isNaming = ref(false)
function save(): void {
  if (name.value.trim() === '') return
  store.save(name.value.trim())
  name.value = ''
  isNaming.value = false
}
const kindsChosen = (chosen: unknown) => store.change({ kinds: chosen as string[] })
</script>

<template>
  <div class="filter lined wrapped items-end">
    <FormField v-slot="{ id }" label="Find" class="find">
      <Input
        :id="id"
        :value="store.filter.text"
        placeholder="name or plant"
        allow-clear
        @update:value="store.change({ text: $event })"
      >
        <template #prefix><SearchOutlined /></template>
      </Input>
    </FormField>
    <FormField v-slot="{ id }" label="Kinds" class="kinds">
      <Select
        :id="id"
        mode="multiple"
        :value="[...store.filter.kinds]"
        :options="kinds"
        :virtual="false"
        max-tag-count="responsive"
        placeholder="every kind"
        @update:value="kindsChosen"
      />
    </FormField>
    <ChoiceField v-model="store.grouping" label="Listed" :options="groupOptions" />
    <Space class="ticks" size="middle" wrap>
      <Checkbox
        :checked="store.filter.isPaleOnly"
        @update:checked="store.change({ isPaleOnly: $event })"
        >pale or yellow</Checkbox
      >
      <Checkbox
        :checked="store.filter.isDueOnly"
        @update:checked="store.change({ isDueOnly: $event })"
        >due</Checkbox
      >
      <Popover v-model:open="isNaming" trigger="click" title="Save this filter">
        <template #content>
          <Space>
            <Input v-model:value="name" aria-label="Name of the filter" @press-enter="save" />
            <Button type="primary" :disabled="name.trim() === ''" @click="save">Save</Button>
          </Space>
        </template>
        <Button :disabled="!isFiltered">Save filter</Button>
      </Popover>
      <Button type="link" :disabled="!isFiltered" @click="store.filter = noFilter">Clear</Button>
      <Tag
        v-for="each in store.saved"
        :key="each.name"
        class="saved"
        closable
        @close.prevent="store.remove(each.name)"
      >
        <Button type="text" size="small" @click="store.filter = each.filter">{{
          each.name
        }}</Button>
      </Tag>
    </Space>
  </div>
</template>

<style scoped>
.filter {
  gap: 8px 14px;
  padding-bottom: 10px;
}
.find,
.kinds {
  width: 210px;
}
.filter > :deep(.field) {
  min-width: 150px;
}
@media (width < 700px) {
  .find,
  .kinds {
    width: 100%;
  }
}
</style>
