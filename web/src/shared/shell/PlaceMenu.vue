<script setup lang="ts">
import { DownOutlined } from '@ant-design/icons-vue'
import { Button, Dropdown } from 'ant-design-vue'
import { usePlace } from '../../api/places.ts'
import { entries } from './entries.ts'
import MainMenu from './MainMenu.vue'

/** The place at work, and what belongs to it. */
const { place } = usePlace()
const behind = entries.filter(({ isInLine }) => !isInLine)
</script>

<template>
  <Dropdown v-if="place" :trigger="['click']">
    <Button type="text">{{ place.name }} <DownOutlined /></Button>
    <template #overlay><MainMenu :entries="behind" mode="vertical" /></template>
  </Dropdown>
</template>
